<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Contract\JsonObject;
use App\Models\HouseRuleChoice;
use App\Models\LearnedPace;
use App\Models\YardModel;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use JadeLedger\Core\Catalogue\Catalogue;
use JadeLedger\Core\Equipment\Features;

/**
 * The catalogue of today, and every version that a walk was planned with.
 *
 * A compiled copy under the storage folder is used when there is one; `php artisan catalogue:compile` writes it.
 */
final class CatalogueRepository
{
    private const KEPT_SECONDS = 86_400;

    private ?CompiledCatalogue $compiled = null;

    /** @var array<string, string> of kept versions */
    private array $digests = [];

    public function __construct(
        private readonly string $folder,
        private readonly string $compiledFile,
        private readonly BuiltCatalogues $built = new BuiltCatalogues,
    ) {
    }

    public function current(): Catalogue
    {
        return $this->built->of($this->compiled());
    }

    public function currentVersion(): string
    {
        return $this->compiled()->version;
    }

    /** @return array<string, string> what each feature means, in words; those that house rules give included */
    public function featureWords(): array
    {
        $words = $this->featuresToChoose();
        foreach ($this->current()->houseRules->all as $rule) {
            foreach ($rule->schools as $school) {
                $words += array_fill_keys(
                    $school->gifts(),
                    CatalogueWords::say($rule->title).': '.CatalogueWords::say($school->name),
                );
            }
        }

        return $words;
    }

    /** @return array<string, string> the features that a model can be given, in words */
    public function featuresToChoose(): array
    {
        return JsonObject::of($this->compiled()->trees['features.yaml'])->object('features')->textsByName();
    }

    /** @return array<string, array<string, mixed>> the models as their files hold them, by id */
    public function modelTrees(): array
    {
        $models = [];
        foreach ($this->compiled()->trees as $file => $tree) {
            if (str_starts_with($file, 'models/')) {
                $models[JsonObject::of($tree)->string('id')] = $tree;
            }
        }

        return $models;
    }

    /** The catalogue as it was when a walk was planned. */
    public function version(string $version): Catalogue
    {
        if ($this->compiled()->version === $version) {
            return $this->current();
        }

        return $this->built->named($version, function () use ($version): CompiledCatalogue {
            /** @var array<string, array<string, mixed>> $trees */
            $trees = json_decode($this->keptText($version), true, flags: JSON_THROW_ON_ERROR);

            return CompiledCatalogue::stored($version, (new UpcastCatalogue)->inPresentForm($trees));
        });
    }

    /** Keeps the version of today beside the walks that are planned with it. */
    public function keepCurrent(): string
    {
        $compiled = $this->compiled();
        // A megabyte of text, made once for each version and not for each walk.
        if (DB::table('catalogue_versions')->where('version', $compiled->version)->doesntExist()) {
            DB::table('catalogue_versions')->insertOrIgnore([
                'version' => $compiled->version,
                'body' => json_encode($compiled->trees, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                'created_at' => now(),
            ]);
        }

        return $compiled->version;
    }

    /** SHA-256 of a version as it is kept beside the walks that were planned with it. */
    public function digestOf(string $version): string
    {
        return $this->digests[$version] ??= hash('sha256', $this->keptText($version));
    }

    private function keptText(string $version): string
    {
        $text = DB::table('catalogue_versions')->where('version', $version)->value('body');

        return is_string($text) ? $text : '';
    }

    /**
     * Reads and checks the files anew and writes the compiled copy; a faulty catalogue leaves the last good copy alone.
     *
     * @throws CatalogueIsFaulty
     */
    public function compile(): string
    {
        $files = new CatalogueFiles($this->folder);
        $compiled = CompiledCatalogue::fromFiles($files->read());
        $faults = (new CrossCheckCatalogue((new BuildCatalogue)->from($compiled), $compiled->trees))->faults();
        if ($faults !== []) {
            throw new CatalogueIsFaulty(array_map($files->locate(...), $faults));
        }
        $draft = $this->compiledFile.'.'.bin2hex(random_bytes(4));
        file_put_contents(
            $draft,
            '<?php return '.var_export(['version' => $compiled->version, 'trees' => $compiled->trees], true).';',
        );
        rename($draft, $this->compiledFile);
        $this->compiled = null;

        return $compiled->version;
    }

    /**
     * What would be wrong with the catalogue if a house rule were answered like this.
     *
     * @return list<CatalogueFault>
     */
    public function faultsWith(string $rule, string $value): array
    {
        $trial = $this->compiled()->withChoices([$rule => $value]);

        // Every machine that the rule reaches is walked for it; not again for a choice that is made anew.
        return Cache::store('shared')->remember(
            "faults|{$trial->version}",
            self::KEPT_SECONDS,
            fn (): array => (new CrossCheckCatalogue(
                (new BuildCatalogue)->from($trial),
                $trial->trees,
                $this->current(),
            ))->faults(),
        );
    }

    /**
     * The catalogue as it would be with one more model, or with another body of it.
     *
     * @param array<string, mixed> $tree
     */
    public function withModel(string $id, array $tree): Catalogue
    {
        $trees = ["models/{$id}.yaml" => $tree] + $this->compiled()->trees;

        return (new BuildCatalogue)->from(CompiledCatalogue::stored('trial', $trees));
    }

    /** What a school of a house rule gives to every machine; that of the catalogue where none is named. */
    public function giftsOf(string $rule, ?string $school): Features
    {
        $tree = JsonObject::of($this->shipped()['trees']['rules/house.yaml'])->object('rules')->object($rule);
        $followed = $tree->object('choices')->optionalObject($school ?? $tree->string('value'));

        return new Features($followed?->strings('gives') ?? []);
    }

    public function schema(string $name): CatalogueSchema
    {
        return CatalogueSchema::named($this->folder, $name);
    }

    /** What was taken from the shelf is asked for anew: a rule was chosen, a model was written down. */
    public function forget(): void
    {
        $this->compiled = null;
    }

    private function compiled(): CompiledCatalogue
    {
        if ($this->compiled === null) {
            $stored = $this->shipped();
            $this->compiled = CompiledCatalogue::stored($stored['version'], $stored['trees'])
                ->withChoices($this->choices())
                ->withModels(YardModel::bodies())
                ->withPaces(LearnedPace::current());
        }

        return $this->compiled;
    }

    /** @return array{version: string, trees: array<string, array<string, mixed>>} the catalogue before a yard chose anything */
    private function shipped(): array
    {
        if (! is_file($this->compiledFile)) {
            $this->compile();
        }

        /** @var array{version: string, trees: array<string, array<string, mixed>>} $shipped */
        $shipped = require $this->compiledFile;

        return $shipped;
    }

    /** @return array<string, string> the last choice of each rule */
    private function choices(): array
    {
        /** @var array<string, string> $choices */
        $choices = HouseRuleChoice::query()->orderBy('id')->pluck('value', 'rule')->all();

        return $choices;
    }
}
