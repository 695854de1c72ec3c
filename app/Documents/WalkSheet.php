<?php

declare(strict_types=1);

namespace App\Documents;

use App\Catalogue\CatalogueWords;
use App\Contract\JsonObject;
use App\Models\Walk;
use App\Presenters\WrittenDate;
use App\Words;
use App\Yards\CurrentYard;
use JadeLedger\Core\Quantity\Unit;
use TCPDF;

/**
 * The plan of a walk on paper, for the day on which no tablet works: states with what is confirmed before each, stops
 * in the order of the walk, every line with its boxes and every reading with its fields. What is written here is
 * entered afterwards, on the page that its square leads to.
 */
final class WalkSheet
{
    private const LEFT = 12.0;

    private const WIDTH = 186.0;

    /** Millimetres of the three columns behind a line: stands, not so, and the figure or the words. */
    private const BOXES = [9.0, 9.0, 40.0];

    /** @var array<string, JsonObject> of the plan, by id */
    private array $conditions = [];

    public function __construct(private readonly CurrentYard $yard)
    {
    }

    /** @return string the bytes of a PDF */
    public function of(Walk $walk): string
    {
        $plan = JsonObject::of((object) $walk->plan->body);
        $page = new TCPDF('P', 'mm', 'A4', true, 'UTF-8');
        $page->setPrintHeader(false);
        $page->setPrintFooter(false);
        $page->setMargins(self::LEFT, 12, self::LEFT);
        $page->setAutoPageBreak(true, 14);
        $page->AddPage();
        $this->head($page, $walk);
        $visits = $plan->objects('visits');
        $this->conditions = [];
        foreach ($plan->objects('conditions') as $condition) {
            $this->conditions[$condition->string('id')] = $condition;
        }
        foreach ($plan->objects('stages') as $stage) {
            $this->stage($page, $stage);
            foreach ($visits as $visit) {
                if ($visit->string('stage') === $stage->string('id')) {
                    $this->visit($page, $visit);
                }
            }
        }
        $this->foot($page);

        return $page->Output('walk.pdf', 'S');
    }

    private function head(TCPDF $page, Walk $walk): void
    {
        $page->write2DBarcode(url("/app/walks/{$walk->id}/sheet"), 'QRCODE,M', 172, 12, 26, 26);
        $page->setFont('dejavusans', 'B', 17);
        $page->Cell(
            155,
            9,
            $walk->machine->fleet_number.', '.Words::say('documents.walk.'.$walk->movement->value),
            0,
            1,
        );
        $page->setFont('dejavusans', '', 10);
        $page->Cell(
            155,
            6,
            Words::say('documents.walk.of', [
                'folio' => (string) $walk->hire->folio,
                'hirer' => $walk->hire->customer->name,
                'serial' => $walk->machine->serial,
            ]),
            0,
            1,
            'L',
            false,
            '',
            1,
        );
        $page->Cell(155, 6, Words::say('documents.walk.opened', [
            'name' => $walk->openedBy->name,
            'at' => WrittenDate::moment($walk->opened_at, $this->yard->timezone()),
        ]), 0, 1);
        $page->MultiCell(155, 5, Words::say('documents.walk.words'), 0, 'L');
        $page->Ln(4);
    }

    private function stage(TCPDF $page, JsonObject $stage): void
    {
        $page->Ln(2);
        $page->setFillColor(225, 225, 225);
        $page->setFont('dejavusans', 'B', 12);
        $page->Cell(
            self::WIDTH,
            8,
            $stage->string('letter').'  '.CatalogueWords::say($stage->string('title')),
            'T',
            1,
            'L',
            true,
        );
        $page->setFont('dejavusans', '', 9);
        $page->MultiCell(self::WIDTH, 5, CatalogueWords::say($stage->string('summary')), 0, 'L');
        foreach ($stage->objects('lines') as $line) {
            $this->row($page, CatalogueWords::say($line->string('text')), '', [true, false, false], '');
        }
        if ($stage->flag('asks_second_person')) {
            $this->row($page, Words::say('documents.walk.second'), '', [false, false, true], '');
        }
    }

    private function visit(TCPDF $page, JsonObject $visit): void
    {
        $page->setFont('dejavusans', 'B', 10);
        $page->Cell(
            self::WIDTH - array_sum(self::BOXES),
            7,
            $visit->integer('number').'  '.CatalogueWords::say($visit->string('name')),
            0,
            0,
        );
        $page->setFont('dejavusans', '', 7);
        $page->Cell(self::BOXES[0], 7, Words::say('documents.walk.stands'), 0, 0, 'C', false, '', 1);
        $page->Cell(self::BOXES[1], 7, Words::say('documents.walk.not_so'), 0, 0, 'C', false, '', 1);
        $page->Cell(self::BOXES[2], 7, Words::say('documents.walk.figure'), 0, 1, 'L', false, '', 1);
        foreach ($visit->objects('lines') as $line) {
            $instrument = $line->optionalObject('instrument');
            $this->row(
                $page,
                CatalogueWords::say($line->string('title')),
                CatalogueWords::say($line->string('accept')),
                [$instrument === null, true, true],
                $instrument === null ? '' : self::symbol($instrument->string('unit')),
                $line->string('severity') === 'stop',
            );
            $this->besideAReading($page, $line, $instrument?->optionalInteger('points') ?? 1);
            foreach ($line->objects('test') as $step) {
                $seconds = $step->optionalInteger('seconds');
                $held = $seconds === null
                    ? ''
                    : ' '.Words::say('documents.walk.held', ['seconds' => (string) $seconds]);
                $this->row(
                    $page,
                    '   '.self::withFigures(CatalogueWords::say($step->string('do')), $step),
                    self::withFigures(CatalogueWords::say($step->string('expect')), $step).$held,
                    [true, true, false],
                    '',
                );
            }
        }
    }

    /** What was seen, and what was held while it was read: a figure without it says nothing. */
    private function besideAReading(TCPDF $page, JsonObject $line, int $points): void
    {
        if ($points > 1) {
            $this->row($page, '   '.Words::say('documents.walk.points', ['count' => (string) $points]), '', [
                false, false, false,
            ], '');
        }
        foreach ($line->strings('looks') as $look) {
            $this->row($page, '   '.Words::say("documents.walk.look.{$look}"), '', [true, false, false], '');
        }
        foreach ($line->strings('conditions') as $id) {
            $condition = $this->conditions[$id];
            $asksFigure = $condition->flag('wants_figure') && $condition->has('unit');
            $this->row(
                $page,
                '   '.CatalogueWords::say($condition->string('asks')),
                '',
                [! $asksFigure, false, $asksFigure],
                $asksFigure ? self::symbol($condition->string('unit')) : '',
            );
        }
    }

    /** The figures of the model that a text names in braces. */
    private static function withFigures(string $text, JsonObject $step): string
    {
        if (! $step->has('figures')) {
            return $text;
        }
        $figures = $step->object('figures');
        foreach ($figures->names() as $name) {
            $figure = $figures->object($name);
            $text = str_replace(
                "{{$name}}",
                $figure->string('value').' '.self::symbol($figure->string('unit')),
                $text,
            );
        }

        return $text;
    }

    private static function symbol(string $unit): string
    {
        return Unit::tryFrom($unit)?->symbol() ?? $unit;
    }

    /**
     * @param array{bool, bool, bool} $boxes which of the three there are
     * @param bool $isBarred what is not so tags the machine out
     */
    private function row(
        TCPDF $page,
        string $title,
        string $accept,
        array $boxes,
        string $unit,
        bool $isBarred = false,
    ): void {
        $words = self::WIDTH - array_sum(self::BOXES);
        $text = $accept === '' ? $title : "{$title}: {$accept}";
        $page->setFont('dejavusans', '', 8.5);
        $height = max(7.0, $page->getStringHeight($words - 4, $text) + 1.6);
        if ($page->GetY() + $height > $page->getPageHeight() - 14) {
            $page->AddPage();
        }
        $y = $page->GetY();
        if ($isBarred) {
            $page->Rect(self::LEFT, $y + 0.6, 1.6, $height - 1.2, 'F', [], [0, 0, 0]);
        }
        $page->MultiCell($words - 4, $height, $text, 0, 'L', false, 0, self::LEFT + 3, $y + 0.8);
        $x = self::LEFT + $words;
        foreach ([0, 1] as $at) {
            if ($boxes[$at]) {
                $page->Rect($x + (self::BOXES[$at] - 4.6) / 2, $y + 1.2, 4.6, 4.6);
            }
            $x += self::BOXES[$at];
        }
        if ($boxes[2]) {
            $page->Line($x, $y + 5.8, $x + self::BOXES[2] - 10, $y + 5.8);
            $page->setXY($x + self::BOXES[2] - 10, $y + 0.6);
            $page->Cell(10, 6, $unit, 0, 0);
        }
        $page->Line(self::LEFT, $y + $height, self::LEFT + self::WIDTH, $y + $height, ['width' => 0.1]);
        $page->setXY(self::LEFT, $y + $height);
    }

    private function foot(TCPDF $page): void
    {
        $page->Ln(6);
        $page->setFont('dejavusans', '', 9);
        $page->MultiCell(self::WIDTH, 6, Words::say('documents.walk.signature'), 0, 'L');
    }
}
