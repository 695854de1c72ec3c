<?php

declare(strict_types=1);

namespace App\Documents;

use App\Catalogue\CatalogueRepository;
use App\Models\Machine;
use TCPDF;

/**
 * Labels for machines, to be cut out or printed on a sheet of 24 (70 by 37 mm on A4): the number to be read from afar,
 * and a
 * square (ISO/IEC 18004) that opens the machine's page.
 */
final readonly class MachineLabels
{
    private const ACROSS = 3;

    private const DOWN = 8;

    private const WIDTH = 70.0;

    private const HEIGHT = 37.0;

    public function __construct(private CatalogueRepository $shelf)
    {
    }

    /**
     * @param list<Machine> $machines
     * @return string the bytes of a PDF
     */
    public function of(array $machines): string
    {
        $page = new TCPDF('P', 'mm', 'A4', true, 'UTF-8');
        $page->setPrintHeader(false);
        $page->setPrintFooter(false);
        $page->setMargins(0, 0, 0);
        $page->setAutoPageBreak(false);
        foreach ($machines as $at => $machine) {
            $place = $at % (self::ACROSS * self::DOWN);
            if ($place === 0) {
                $page->AddPage();
            }
            $this->label(
                $page,
                $machine,
                ($place % self::ACROSS) * self::WIDTH,
                intdiv($place, self::ACROSS) * self::HEIGHT,
            );
        }

        return $page->Output('labels.pdf', 'S');
    }

    private function label(TCPDF $page, Machine $machine, float $x, float $y): void
    {
        $model = $this->shelf->current()->model($machine->model_id);
        $page->write2DBarcode(url("/app/fleet/{$machine->id}"), 'QRCODE,M', $x + 5, $y + 5, 27, 27);
        $line = static function (float $down, float $points, string $style, string $words) use ($page, $x, $y): void {
            $page->setFont('dejavusans', $style, $points);
            $page->setXY($x + 35, $y + $down);
            // Set narrower until it fits: nothing is cut off.
            $page->Cell(self::WIDTH - 39, 6, $words, 0, 0, 'L', false, '', 1);
        };
        $line(6, 20, 'B', $machine->fleet_number);
        $line(17, 9, '', $model->describes);
        $line(22, 8, '', "{$model->maker} {$model->name}");
        $line(27, 8, '', $machine->serial);
    }
}
