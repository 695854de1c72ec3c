<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Support\BrowserTestCase;
use Tests\Support\Tablet;

/** The label on a machine opens it: the browser is given a picture of a label in place of a camera. */
final class ScanLabelTest extends BrowserTestCase
{
    private const NUMBER = 'T-06';

    protected static function isTouched(): bool
    {
        return true;
    }

    protected static function screen(): array
    {
        return [800, 1280];
    }

    protected static function arguments(): array
    {
        $file = sys_get_temp_dir().'/jade-label.mjpeg';
        $label = self::label(getenv('BROWSER_URL').'/app/fleet/'.self::machine());
        file_put_contents($file, str_repeat($label, 5));

        return [
            '--use-fake-ui-for-media-stream', '--use-fake-device-for-media-stream',
            "--use-file-for-fake-video-capture={$file}",
        ];
    }

    public function test_the_square_on_a_machine_opens_its_page(): void
    {
        $this->signIn('rafe', '/app/fleet');
        $this->tap('find');
        $this->wait(self::named('find-field'));
        $this->tap('scan');
        $this->waitForText('h1', self::NUMBER);
        self::assertStringEndsWith('/app/fleet/'.self::machine(), $this->web->getCurrentURL());
        $this->waitUntil(fn (): bool => ! $this->exists('video'), 'The camera stays on.');
        $this->assertAccessible();
        $this->assertConsoleIsClean();
    }

    private static function machine(): string
    {
        $tablet = new Tablet((string) getenv('BROWSER_URL'));
        $tablet->signIn('rafe', 'tern-quay');
        $found = json_decode((string) $tablet->get('/api/machines?search='.self::NUMBER)->getBody(), true);

        return $found['machines'][0]['id'];
    }

    /** The square as a camera sees it: on a grey wall, not quite upright. */
    private static function label(string $address): string
    {
        $square = imagecreatefromstring((string) (new \TCPDF2DBarcode($address, 'QRCODE,M'))->getBarcodePngData(8, 8));
        self::assertInstanceOf(\GdImage::class, $square);
        $paper = imagecreatetruecolor(imagesx($square) + 80, imagesy($square) + 80);
        imagefill($paper, 0, 0, (int) imagecolorallocate($paper, 235, 235, 230));
        imagecopy($paper, $square, 40, 40, 0, 0, imagesx($square), imagesy($square));
        $turned = imagerotate($paper, 7, (int) imagecolorallocate($paper, 120, 120, 120));
        self::assertInstanceOf(\GdImage::class, $turned);
        $wall = imagecreatetruecolor(640, 480);
        imagefill($wall, 0, 0, (int) imagecolorallocate($wall, 120, 120, 120));
        $height = min(440, imagesy($turned));
        $width = (int) (imagesx($turned) * $height / imagesy($turned));
        imagecopyresampled($wall, $turned, 140, 20, 0, 0, $width, $height, imagesx($turned), imagesy($turned));
        ob_start();
        imagejpeg($wall, null, 90);

        return (string) ob_get_clean();
    }
}
