<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** A made-up photo of scraped paint, drawn from a seed. */
final class DemoPicture
{
    public static function file(int $seed): string
    {
        mt_srand($seed);
        $image = imagecreatetruecolor(960, 720);
        assert($image !== false);
        for ($y = 0; $y < 720; $y++) {
            $light = 150 + (int) (40 * sin($y / 190)) - intdiv($y, 12);
            imageline($image, 0, $y, 960, $y, self::colour($image, $light + 30, $light - 5, $light - 110));
        }
        for ($i = 0; $i < 900; $i++) {
            $grain = (int) imagecolorallocatealpha($image, 60, 50, 40, 110);
            imagefilledellipse($image, mt_rand(0, 960), mt_rand(0, 720), mt_rand(2, 6), mt_rand(2, 5), $grain);
        }
        imagesetthickness($image, 5);
        for ($i = 0; $i < 9; $i++) {
            $shade = mt_rand(70, 210);
            $top = 300 + $i * 14 + mt_rand(-6, 6);
            imageline(
                $image,
                190 + mt_rand(0, 90),
                $top,
                760 - mt_rand(0, 150),
                $top + mt_rand(-24, 30),
                self::colour($image, $shade, $shade, $shade),
            );
        }
        self::rule($image);
        $file = (string) tempnam(sys_get_temp_dir(), 'damage');
        imagejpeg($image, $file, 85);

        return $file;
    }

    /** A rule laid beside the damage, so that its size can be seen. */
    private static function rule(\GdImage $image): void
    {
        imagefilledrectangle($image, 150, 500, 820, 560, self::colour($image, 238, 232, 214));
        $ink = self::colour($image, 20, 30, 25);
        imagesetthickness($image, 2);
        for ($i = 0; $i <= 60; $i++) {
            imageline($image, 165 + $i * 11, 500, 165 + $i * 11, $i % 5 === 0 ? 530 : 516, $ink);
        }
    }

    private static function colour(\GdImage $image, int $red, int $green, int $blue): int
    {
        $byte = static fn (int $value): int => max(0, min(255, $value));

        return (int) imagecolorallocate($image, $byte($red), $byte($green), $byte($blue));
    }
}
