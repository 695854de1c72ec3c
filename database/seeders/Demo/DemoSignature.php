<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** Pen strokes that look like somebody's signature: drawn from the letters of the name, the same every time. */
final class DemoSignature
{
    /** @return list<list<int>> strokes of x and y, in thousandths of the field's width */
    public static function of(string $name): array
    {
        $stroke = [];
        $x = 60;
        foreach (str_split((string) preg_replace('/[^a-z]/', '', mb_strtolower($name))) as $letter) {
            $height = 30 + (ord($letter) * 37) % 70;
            foreach ([[0, 0], [9, -$height], [20, -intdiv($height, 3)], [30, 12]] as [$dx, $dy]) {
                $stroke[] = $x + $dx;
                $stroke[] = 150 + $dy;
            }
            $x += 34;
        }

        return [$stroke, [$x - 40, 190, 90, 196, intdiv($x, 2), 182]];
    }
}
