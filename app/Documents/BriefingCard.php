<?php

declare(strict_types=1);

namespace App\Documents;

use App\Catalogue\CatalogueWords;
use App\Keys\LinkKey;
use App\Ledger\Contexts\WalkContext;
use App\Ledger\StepsOfHire;
use App\Limits\LimitsTold;
use App\Models\HirerLink;
use App\Models\Yard;
use App\Words;
use App\Yards\CurrentYard;
use JadeLedger\Core\Catalogue\BriefingKind;
use JadeLedger\Core\Catalogue\BriefingStep;
use JadeLedger\Core\Catalogue\SignalWord;
use TCPDF;

/**
 * What a customer takes along: one sheet, starting on its front; stopping, what kills and an emergency on its back.
 * Black on white, so that any printer does. The type shrinks until a side holds all of it.
 */
final class BriefingCard
{
    private const LEFT = 12.0;

    private const TOP = 12.0;

    /** The number of the place, by its law; where none is said, it is written in by hand. */
    private const EMERGENCY = ['rule_law_us' => '911', 'rule_law_gb' => '999', 'rule_law_eu' => '112'];

    private const BLANK = '______________________';

    /** Millimetres: a phone reads it from a hand's breadth. */
    private const SQUARE = 22.0;

    /** Points, the largest first. Below the last one nobody reads it at arm's length. */
    private const SIZES = [11.0, 10.0, 9.0, 8.5, 8.0, 7.5, 7.0];

    public function __construct(
        private readonly CurrentYard $yard,
        private readonly StepsOfHire $steps,
        private readonly LimitsTold $limits,
        private readonly LinkKey $key,
    ) {
    }

    /** @return string the bytes of a PDF of two pages */
    public function of(WalkContext $context, Paper $paper): string
    {
        $steps = $this->steps->of($context->walk->hire, $context->catalogue(), $context->model);
        $of = static fn (BriefingKind $kind): array => array_values(
            array_filter($steps, static fn (BriefingStep $step): bool => $step->kind === $kind),
        );
        $page = new TCPDF('P', 'mm', $paper->value, true, 'UTF-8');
        $page->setPrintHeader(false);
        $page->setPrintFooter(false);
        $page->setMargins(self::LEFT, self::TOP, self::LEFT);
        $page->setAutoPageBreak(false);
        $this->mustFit(
            $context,
            $this->side($page, $context, [['documents.card.start', $of(BriefingKind::Startup)]], ''),
        );
        $back = [
            ['documents.card.stop', $of(BriefingKind::Shutdown)],
            [
                'documents.card.working',
                array_values(
                    array_filter(
                        $of(BriefingKind::Working),
                        static fn (BriefingStep $step): bool => $step->level === SignalWord::Danger,
                    ),
                ),
            ],
        ];
        $phone = Yard::query()->whereKey($this->yard->id())->value('phone');
        $emergency = Words::say('documents.card.emergency', [
            'yard' => $this->yard->name(), 'phone' => is_string($phone) ? $phone : self::BLANK,
            'number' => self::EMERGENCY[$this->lawOf($context)] ?? self::BLANK,
        ]);
        $limits = $this->limitsOf($context);
        if (! $this->side($page, $context, $back, $emergency, $limits)) {
            // More limits than the back has room for: they have a sheet of their own.
            $page->deletePage($page->getPage());
            $this->mustFit($context, $this->side($page, $context, $back, $emergency));
            $this->mustFit($context, $this->side($page, $context, [], $emergency, $limits));
        }

        return $page->Output('card.pdf', 'S');
    }

    /**
     * @param list<array{string, list<BriefingStep>}> $parts each with its heading
     * @param list<string> $limits a line each
     * @return bool whether it fits
     */
    private function side(TCPDF $page, WalkContext $context, array $parts, string $emergency, array $limits = []): bool
    {
        $page->AddPage();
        $this->head($page, $context);
        $top = $page->GetY();
        foreach (self::SIZES as $size) {
            $page->startTransaction();
            $page->setXY(self::LEFT, $top);
            foreach ($parts as [$heading, $steps]) {
                $this->steps($page, Words::say($heading), $steps, $size);
            }
            $this->foot($page, $emergency, $size, $limits, $this->address($context));
            if ($page->GetY() <= $page->getPageHeight() - self::TOP) {
                $page->commitTransaction();

                return true;
            }
            $page->rollbackTransaction(true);
        }

        return false;
    }

    private function mustFit(WalkContext $context, bool $fits): void
    {
        if (! $fits) {
            throw new \LogicException(
                "The card of {$context->model->id} is longer than a side: its steps have to be shortened.",
            );
        }
    }

    private function head(TCPDF $page, WalkContext $context): void
    {
        $machine = $context->walk->machine;
        $page->setFont('dejavusans', 'B', 16);
        $family = CatalogueWords::say($context->catalogue()->family($context->model->familyId)->name);
        $page->Cell(
            0,
            8,
            "{$machine->fleet_number}  {$family}, {$context->model->maker} {$context->model->name}",
            'B',
            1,
            'L',
            false,
            '',
            1,
        );
        $page->setFont('dejavusans', '', 8);
        $page->MultiCell(0, 4, Words::say('documents.card.rule'), 0, 'L');
        $page->Ln(1);
    }

    /** @param  list<BriefingStep>  $steps */
    private function steps(TCPDF $page, string $heading, array $steps, float $size): void
    {
        $page->setFont('dejavusans', 'B', $size + 3);
        $page->Cell(0, $size * 0.62, $heading, 0, 1);
        foreach ($steps as $at => $step) {
            $page->setFont('dejavusans', 'B', $size);
            $page->setX(self::LEFT);
            $page->Cell(8, $size * 0.42, (string) ($at + 1), 0, 0, 'R');
            $page->setFont('dejavusans', '', $size);
            $page->writeHTMLCell(0, $size * 0.42, self::LEFT + 10, null, self::words($step), 0, 1);
            $page->Ln($size * 0.06);
        }
    }

    private static function words(BriefingStep $step): string
    {
        $isDanger = $step->level === SignalWord::Danger;
        $texts = [
            CatalogueWords::say($step->instruction),
            ...$step->timerSeconds === null
                ? []
                : [
                    Words::say('documents.card.clock', [
                        'time' => sprintf('%d:%02d', intdiv($step->timerSeconds, 60), $step->timerSeconds % 60),
                    ]),
                ],
            ...$isDanger ? [CatalogueWords::say($step->caution)] : [],
        ];
        $name = ($isDanger ? Words::say('documents.card.danger').' ' : '').CatalogueWords::say($step->name);

        return '<b>'.htmlspecialchars($name, ENT_XML1).'.</b> '.htmlspecialchars(implode(' ', $texts), ENT_XML1);
    }

    /** @return list<string> */
    private function limitsOf(WalkContext $context): array
    {
        $hire = $context->walk->hire_id;

        return [
            ...array_map(
                static fn (array $limit): string => CatalogueWords::say($limit['title']).': '.$limit['says'],
                $this->limits->limits($hire, $context->walk->machine),
            ),
            ...$this->limits->cautions($hire, $context->walk->machine),
        ];
    }

    /** Which law the yard said its place has, by the feature that it brings. */
    private function lawOf(WalkContext $context): string
    {
        $features = $context->catalogue()->featuresOf($context->model);

        return array_values(array_filter(array_keys(self::EMERGENCY), $features->has(...)))[0] ?? '';
    }

    /** Where the same steps are read on a phone, where the hire has a link. */
    private function address(WalkContext $context): ?string
    {
        return HirerLink::heldFor($context->walk->hire)?->address($this->key);
    }

    /** @param  list<string>  $limits a line each */
    private function foot(TCPDF $page, string $emergency, float $size, array $limits, ?string $address): void
    {
        if ($emergency === '') {
            return;
        }
        if ($limits !== []) {
            $page->setFont('dejavusans', 'B', $size + 3);
            $page->Cell(0, $size * 0.62, Words::say('documents.card.limits'), 0, 1);
            $page->setFont('dejavusans', '', $size);
            $page->MultiCell(0, $size * 0.42, implode("\n", $limits), 0, 'L');
        }
        $page->Ln(1.5);
        $page->setFont('dejavusans', 'B', $size + 1);
        [$top, $right] = [$page->GetY(), $address === null ? 0.0 : self::SQUARE + 2];
        $width = $page->getPageWidth() - 2 * self::LEFT - $right;
        $page->MultiCell($width, $size * 0.46, $emergency, 1, 'L');
        if ($address !== null) {
            $page->write2DBarcode(
                $address,
                'QRCODE,M',
                $page->getPageWidth() - self::LEFT - self::SQUARE,
                $top,
                self::SQUARE,
                self::SQUARE,
            );
            $page->setY(max($page->GetY(), $top + self::SQUARE));
        }
    }
}
