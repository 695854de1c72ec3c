<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\CatalogueRepository;
use App\Models\Machine;
use App\Models\Role;
use App\Models\Yard;
use App\Yards\CurrentYard;
use Illuminate\Support\Str;
use JadeLedger\Core\Briefing\ComposeBriefing;
use JadeLedger\Core\Catalogue\BriefingKind;
use JadeLedger\Core\Catalogue\SignalWord;
use PHPUnit\Framework\Attributes\TestWith;
use Smalot\PdfParser\Document;
use Smalot\PdfParser\Parser;
use Tests\Support\YardTestCase;

/** What is printed, read by a parser that is not ours. */
final class PrintTest extends YardTestCase
{
    /** Steps of the boom name figures of the model. */
    #[TestWith(['dromvik_14c'])]
    #[TestWith(['ardlow_38x'])]
    public function test_a_walk_on_paper_holds_every_state_stop_and_line_of_its_plan(string $model): void
    {
        $this->machine->update(['model_id' => $model]);
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $words = self::words($this->pdf("/api/walks/{$walk->id}/sheet"));

        self::assertStringContainsString($this->machine->fleet_number.', walk out', $words);
        self::assertStringContainsString("Folio {$this->hire->folio}, Saltmarsh Drainage", $words);
        $plan = $walk->plan->body;
        self::assertGreaterThan(
            100,
            array_sum(array_map(static fn (array $visit): int => count($visit['lines']), $plan['visits'])),
        );
        foreach ($plan['stages'] as $stage) {
            self::assertStringContainsString($stage['title'], $words);
            foreach ($stage['lines'] as $line) {
                self::assertStringContainsString(self::plain($line['text']), $words);
            }
        }
        foreach ($plan['visits'] as $visit) {
            foreach ($visit['lines'] as $line) {
                self::assertStringContainsString(
                    self::plain($line['title'].': '.$line['accept']),
                    $words,
                    $line['key'],
                );
                foreach ($line['conditions'] as $condition) {
                    self::assertStringContainsString(
                        self::plain(array_column($plan['conditions'], 'asks', 'id')[$condition]),
                        $words,
                        'a figure says nothing without what was held while it was read',
                    );
                }
            }
        }
        self::assertDoesNotMatchRegularExpression('/\{[a-z_]+\}/', $words, 'figures of the model stand in the steps');
    }

    /** Every family, as its models are: the card is one sheet, and holds all of starting and stopping it. */
    public function test_the_card_of_any_machine_is_one_sheet_with_all_of_starting_and_stopping_it(): void
    {
        $this->as(Role::Technician);
        $catalogue = $this->app->make(CatalogueRepository::class)->current();
        foreach (array_keys($catalogue->models) as $at => $model) {
            $machine = Machine::query()->create([
                'fleet_number' => sprintf('C-%03d', $at),
                'model_id' => $model,
                'serial' => Str::random(12),
                'bay' => '1',
            ]);
            $walk = $this->openWalk('checkout', $this->hireOf($machine));
            // The square with the link takes its room, too.
            $this->postJson("/api/hires/{$walk->hire_id}/link")->assertCreated();
            $pdf = $this->pdf("/api/walks/{$walk->id}/card".($at % 2 === 0 ? '' : '?paper=LETTER'));
            self::assertCount(2, $pdf->getPages(), $model);
            // Longer words fit, too.
            $longer = ['es', 'fr'][$at % 2];
            self::assertCount(2, $this->pdf("/api/walks/{$walk->id}/card?language={$longer}")->getPages(), $model);
            // A line may end behind a hyphen.
            $words = str_replace('- ', '-', self::words($pdf));
            foreach ((new ComposeBriefing($catalogue))->for($catalogue->model($model)) as $step) {
                if ($step->kind !== BriefingKind::Working || $step->level === SignalWord::Danger) {
                    self::assertStringContainsString(
                        str_replace('- ', '-', self::plain($step->instruction)),
                        $words,
                        "{$model}, {$step->id}",
                    );
                }
            }
        }
        self::assertGreaterThan(30, count($catalogue->models));
    }

    public function test_the_card_speaks_the_language_of_whoever_takes_it_along(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();

        $words = self::words($this->pdf("/api/walks/{$walk->id}/card?language=es"));
        self::assertStringContainsString('Pararla', $words);
        self::assertStringContainsString(self::plain('Gire la llave a parado. Una vez.'), $words);
        self::assertStringContainsString('Stopping it', self::words($this->pdf("/api/walks/{$walk->id}/card")));
    }

    public function test_labels_have_the_number_the_model_and_the_serial_24_on_a_sheet(): void
    {
        for ($n = 0; $n < 24; $n++) {
            Machine::query()->create(
                ['fleet_number' => sprintf('L-%02d', $n), 'model_id' => 'dromvik_14c', 'serial' => Str::random(12)],
            );
        }
        $this->as(Role::Counter);
        $pdf = $this->pdf('/api/machine-labels');
        self::assertCount(2, $pdf->getPages());
        $words = self::words($pdf);
        foreach (Machine::query()->get() as $machine) {
            self::assertStringContainsString($machine->fleet_number, $words);
            self::assertStringContainsString($machine->serial, $words);
        }
        $this->assertFits($this->getJson('/api/machine-labels?family=Nothing')->assertNotFound(), 'Problem');
    }

    public function test_nothing_of_another_yard_is_printed(): void
    {
        $this->as(Role::Technician);
        $walk = $this->openWalk();
        $this->app->make(CurrentYard::class)->stepInto(
            Yard::query()->create(['name' => 'Heron Reach', 'place' => 'x', 'timezone' => 'UTC']),
        );
        $this->as(Role::Lead);
        $this->getJson("/api/walks/{$walk->id}/sheet")->assertNotFound();
        $this->getJson('/api/machine-labels')->assertNotFound();
    }

    private function pdf(string $path): Document
    {
        $answer = $this->get($path)->assertOk();
        self::assertSame('application/pdf', $answer->headers->get('Content-Type'));

        return (new Parser)->parseContent((string) $answer->getContent());
    }

    private static function words(Document $pdf): string
    {
        return self::plain($pdf->getText());
    }

    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/\s+/', ' ', $text));
    }
}
