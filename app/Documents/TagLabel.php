<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Tag;
use App\Presenters\WrittenDate;
use App\Words;
use App\Yards\CurrentYard;
use TCPDF;

/**
 * The tag as it is hung on a machine: a label of 100 by 150 mm, black on white, to be read from the seat.
 *
 * The square at its foot (ISO/IEC 18004) opens the walk under which it was hung.
 */
final class TagLabel
{
    private const WIDTH = 100.0;

    private const HEIGHT = 150.0;

    private const MARGIN = 7.0;

    public function __construct(private readonly CurrentYard $yard)
    {
    }

    /** @return string the bytes of a PDF */
    public function of(Tag $tag): string
    {
        $page = new TCPDF('P', 'mm', [self::WIDTH, self::HEIGHT], true, 'UTF-8');
        $page->setPrintHeader(false);
        $page->setPrintFooter(false);
        $page->setMargins(self::MARGIN, self::MARGIN, self::MARGIN);
        $page->setAutoPageBreak(false);
        $page->setTitle(Words::say('documents.tag.title', ['number' => $tag->number]));
        $page->AddPage();
        $page->setLineWidth(1.2);
        $page->Rect(3, 3, self::WIDTH - 6, self::HEIGHT - 6);
        // The hole by which it is hung.
        $page->Circle(self::WIDTH / 2, 9, 3);
        $this->line($page, 16, 25, 'B', Words::say('documents.tag.not_for_hire'));
        $this->line($page, 29, 21, 'B', $tag->machine->fleet_number);
        $this->line($page, 40, 11, '', Words::say('documents.tag.number', ['number' => $tag->number]));
        $page->Line(self::MARGIN, 48, self::WIDTH - self::MARGIN, 48);
        $this->words($page, 51, 13, 'B', $tag->reason, 32);
        $by = Words::say('documents.tag.by', [
            'name' => $tag->hungBy->name,
            'at' => WrittenDate::moment($tag->hung_at, $this->yard->timezone()),
        ]);
        $this->words($page, 86, 10, '', $by, 10);
        $this->words(
            $page,
            95,
            10,
            '',
            Words::say('documents.tag.keys', ['where' => $tag->keys_at ?? Words::say('documents.tag.keys_unknown')]),
            10,
        );
        $page->write2DBarcode(url("/app/walks/{$tag->walk_id}?decision"), 'QRCODE,M', self::MARGIN, 109, 33, 33);
        $page->setFont('dejavusans', '', 8.5);
        $page->MultiCell(
            self::WIDTH - 2 * self::MARGIN - 37,
            33,
            Words::say('documents.tag.rule'),
            0,
            'L',
            false,
            1,
            self::MARGIN + 37,
            110,
            true,
            0,
            false,
            true,
            33,
            'T',
            true,
        );

        return $page->Output('tag.pdf', 'S');
    }

    private function line(TCPDF $page, float $y, float $points, string $style, string $words): void
    {
        $page->setFont('dejavusans', $style, $points);
        $page->setXY(self::MARGIN, $y);
        $page->Cell(self::WIDTH - 2 * self::MARGIN, 8, $words, 0, 0, 'C', false, '', 1);
    }

    /** Long words are set smaller until they fit; nothing is cut off. */
    private function words(TCPDF $page, float $y, float $points, string $style, string $words, float $height): void
    {
        $page->setFont('dejavusans', $style, $points);
        $page->MultiCell(
            self::WIDTH - 2 * self::MARGIN,
            $height,
            $words,
            0,
            'L',
            false,
            1,
            self::MARGIN,
            $y,
            true,
            0,
            false,
            true,
            $height,
            'T',
            true,
        );
    }
}
