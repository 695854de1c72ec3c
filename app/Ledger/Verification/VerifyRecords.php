<?php

declare(strict_types=1);

namespace App\Ledger\Verification;

use App\Actions\StorePhoto;
use App\Contract\JsonObject;
use App\Models\Photo;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/**
 * Holds what entries name against what is kept: the plan and the catalogue of each walk, every photo and its thumbnail.
 */
final class VerifyRecords
{
    private const ROWS_AT_ONCE = 500;

    /** @return list<string> what is wrong, in words */
    public function faults(): array
    {
        return [...$this->plans(), ...$this->photos()];
    }

    /** @return list<string> */
    private function plans(): array
    {
        $faults = [];
        $catalogues = [];
        $openings = DB::table('ledger_entries')->where('kind', 'walk.opened')->orderBy('position');
        foreach ($openings->lazyById(self::ROWS_AT_ONCE, 'position') as $entry) {
            /** @var object{body: string, walk_id: string} $entry */
            $payload = JsonObject::parse($entry->body)->optionalObject('payload') ?? JsonObject::of([]);
            /** @var object{body: string, catalogue_version: string}|null $plan */
            $plan = DB::table('walk_plans')->where('walk_id', $entry->walk_id)->first();
            if (
                $plan === null
                || hash('sha256', $plan->body) !== $payload->optionalString('plan_sha256')
                || $plan->catalogue_version !== $payload->optionalString('catalogue_version')
            ) {
                $faults[] = "The plan of walk {$entry->walk_id} is "
                    .($plan === null ? 'missing.' : 'not the one that it was opened with.');
            }
            if ($payload->has('catalogue_sha256')) {
                $catalogues[$payload->string('catalogue_version')] = $payload->string('catalogue_sha256');
            }
        }
        foreach ($catalogues as $version => $sha256) {
            $body = DB::table('catalogue_versions')->where('version', $version)->value('body');
            if (! is_string($body) || hash('sha256', $body) !== $sha256) {
                $faults[] = "Version {$version} of the catalogue is "
                    .(is_string($body) ? 'not what walks were planned with.' : 'missing.');
            }
        }

        return $faults;
    }

    /** @return list<string> */
    private function photos(): array
    {
        $named = $thumbnails = [];
        $withPhotos = DB::table('ledger_entries')
            ->whereIn('kind', ['finding.placed', 'finding.seen_again', 'reading.posted'])
            ->where(static fn (Builder $query): Builder => $query->where('body', 'like', '%"photos":["%')
                ->orWhere('body', 'like', '%"photo":"%'))
            ->orderBy('position');
        foreach ($withPhotos->lazyById(self::ROWS_AT_ONCE, 'position') as $entry) {
            /** @var object{id: string, body: string} $entry */
            $body = JsonObject::parse($entry->body);
            $payload = $body->object('payload');
            foreach (array_filter([...$payload->strings('photos'), $payload->optionalString('photo')]) as $photo) {
                $named[$photo] = $entry->id;
            }
            $thumbnails += $body->object('judgement')->optionalObject('thumbnails')?->textsByName() ?? [];
        }
        $faults = [];
        $disk = Storage::disk('photos');
        foreach ($named as $sha256 => $entry) {
            $row = Photo::query()->withoutGlobalScopes()->where('sha256', $sha256)->exists();
            $file = self::file($disk, StorePhoto::path($sha256));
            if (! $row || ! is_string($file) || hash('sha256', $file) !== $sha256) {
                $faults[] = "The photo {$sha256} that entry {$entry} names is "
                    .($row && is_string($file) ? 'not the one that was taken.' : 'missing.');
            }
            $small = isset($thumbnails[$sha256]) ? self::file($disk, StorePhoto::path($sha256, 'small-')) : null;
            if (
                isset($thumbnails[$sha256])
                && (! is_string($small) || hash('sha256', $small) !== $thumbnails[$sha256])
            ) {
                $faults[] = "The thumbnail of photo {$sha256} is "
                    .(is_string($small) ? 'not the one that was made.' : 'missing.');
            }
        }

        return $faults;
    }

    private static function file(Filesystem $disk, string $path): ?string
    {
        return $disk->exists($path) ? $disk->get($path) : null;
    }
}
