<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Photo;
use App\Models\Role;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\YardTestCase;

final class PhotoTest extends YardTestCase
{
    public function test_a_photo_is_kept_under_its_digest_without_place_or_device_but_with_its_time(): void
    {
        $this->as(Role::Technician);
        $kept = $this->post('/api/photos', [
            'photo' => new UploadedFile(self::jpegWithExif(), 'p.jpg', 'image/jpeg', null, true),
        ])->assertCreated();
        $this->assertFits($kept, 'Photo');
        $file = $this->get('/api/photos/'.$kept->json('sha256'))->assertOk();
        $bytes = $file->streamedContent();

        self::assertSame($kept->json('sha256'), hash('sha256', $bytes));
        self::assertStringNotContainsString('Estuary Camera', $bytes);
        self::assertStringNotContainsString('Exif', $bytes);
        self::assertSame('2026-11-20T09:30:00.000000Z', $kept->json('taken_at'));
        $this->get('/api/photos/'.$kept->json('sha256').'/thumbnail')
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg');
    }

    public function test_a_large_picture_is_made_smaller_and_keeps_its_proportions(): void
    {
        $this->as(Role::Technician);
        $kept = $this->post('/api/photos', [
            'photo' => UploadedFile::fake()->image('wide.jpg', 3000, 1500),
        ])->assertCreated();

        self::assertSame([2000, 1000], [$kept->json('width'), $kept->json('height')]);
    }

    public function test_thirty_megabytes_are_too_much(): void
    {
        $this->as(Role::Technician);
        $refused = $this->post('/api/photos', [
            'photo' => UploadedFile::fake()->create('big.jpg', 30 * 1024, 'image/jpeg'),
        ])->assertStatus(413);

        $this->assertFits($refused, 'Problem');
        self::assertStringContainsString('20 MB', $refused->json('detail'));
    }

    public function test_what_is_no_picture_is_refused_whatever_it_is_called(): void
    {
        $this->as(Role::Technician);
        $this->assertFits(
            $this->post('/api/photos', [
                'photo' => UploadedFile::fake()->createWithContent('photo.jpg', '<?php echo 1;'),
            ])->assertStatus(422),
            'Problem',
        );
        $this->assertFits($this->post('/api/photos', [])->assertStatus(422), 'Problem');
    }

    /** @param  callable(): string  $content */
    #[DataProvider('broken')]
    public function test_a_picture_that_cannot_be_read_is_bad_input_and_no_fault_of_ours(
        callable $content,
        string $problem,
    ): void {
        $this->as(Role::Technician);

        $answer = $this->post('/api/photos', [
            'photo' => UploadedFile::fake()->createWithContent('photo.png', $content()),
        ]);

        $this->assertFits($answer->assertStatus(422), 'Problem');
        self::assertSame("/problems/{$problem}", $answer->json('type'));
        self::assertSame(0, Photo::query()->count());
    }

    /** @return iterable<string, array{callable(): string, string}> */
    public static function broken(): iterable
    {
        yield 'a PNG cut off in the middle' => [
            static fn (): string => substr(self::picture('png'), 0, 300),
            'not-a-picture',
        ];
        yield 'a WebP cut off in the middle' => [
            static fn (): string => substr(self::picture('webp'), 0, 60),
            'not-a-picture',
        ];
        yield 'a PNG of no size' => [static fn (): string => self::headOfPng(0, 0), 'not-a-picture'];
        yield 'a PNG of 60,000,000 x 1' => [static fn (): string => self::headOfPng(60_000_000, 1), 'too-many-pixels'];
        yield 'a PNG of 7740 x 7740 in seven kilobytes' => [
            static fn (): string => self::headOfPng(7740, 7740),
            'too-many-pixels',
        ];
        yield 'a head and nothing behind it' => [static fn (): string => self::headOfPng(40, 40), 'not-a-picture'];
    }

    /** Source: EXIF 2.3, tag 0x0112: 6 is held with its right side up, 3 on its head. */
    #[TestWith([1, 0, 0])]
    #[TestWith([3, 1, 1])]
    #[TestWith([6, 1, 0])]
    #[TestWith([8, 0, 1])]
    public function test_a_picture_is_kept_upright(int $held, int $right, int $below): void
    {
        $this->as(Role::Technician);
        $kept = $this->post('/api/photos', [
            'photo' => new UploadedFile(self::jpegHeld($held), 'p.jpg', 'image/jpeg', null, true),
        ])->assertCreated();
        self::assertSame($held > 4 ? [80, 120] : [120, 80], [$kept->json('width'), $kept->json('height')]);
        $image = imagecreatefromstring($this->get('/api/photos/'.$kept->json('sha256'))->streamedContent());
        self::assertNotFalse($image);

        // One quarter of the original, at its upper left, is red: where it comes to is where it belongs.
        $x = (int) (imagesx($image) * (0.25 + 0.5 * $right));
        $y = (int) (imagesy($image) * (0.25 + 0.5 * $below));
        $colour = imagecolorsforindex($image, (int) imagecolorat($image, $x, $y));
        self::assertGreaterThan(180, $colour['red']);
        self::assertLessThan(90, $colour['blue']);
    }

    public function test_what_shows_through_is_white(): void
    {
        $this->as(Role::Technician);
        $kept = $this->post('/api/photos', [
            'photo' => UploadedFile::fake()->createWithContent('photo.png', self::picture('png', seeThrough: true)),
        ])->assertCreated();

        $image = imagecreatefromstring($this->get('/api/photos/'.$kept->json('sha256'))->streamedContent());
        self::assertNotFalse($image);
        self::assertGreaterThan(240, imagecolorsforindex($image, (int) imagecolorat($image, 5, 5))['green']);
    }

    public function test_one_picture_is_decoded_at_a_time_and_the_next_is_asked_to_come_again(): void
    {
        $this->as(Role::Technician);
        $turn = fopen(storage_path('framework/picture.lock'), 'c');
        self::assertNotFalse($turn);
        flock($turn, LOCK_EX);

        $wait = $this->post('/api/photos', ['photo' => UploadedFile::fake()->image('p.jpg', 20, 20)])->assertStatus(
            503,
        );
        $this->assertFits($wait, 'Problem');
        flock($turn, LOCK_UN);
        $this->post('/api/photos', ['photo' => UploadedFile::fake()->image('p.jpg', 20, 20)])->assertCreated();
    }

    private static function picture(string $type, bool $seeThrough = false): string
    {
        $image = imagecreatetruecolor(120, 90);
        assert($image !== false);
        for ($at = 0; $at < 400; $at++) {
            imagesetpixel(
                $image,
                ($at * 37) % 120,
                ($at * 53) % 90,
                (int) imagecolorallocate($image, $at % 255, ($at * 7) % 255, 90),
            );
        }
        if ($seeThrough) {
            imagealphablending($image, false);
            imagesavealpha($image, true);
            imagefilledrectangle($image, 0, 0, 119, 89, (int) imagecolorallocatealpha($image, 0, 0, 0, 127));
        }
        ob_start();
        $type === 'png' ? imagepng($image) : imagewebp($image);

        return (string) ob_get_clean();
    }

    /** The first chunk of a PNG, which says how large it is. Source: ISO/IEC 15948 (PNG), clause 11.2.2. */
    private static function headOfPng(int $width, int $height): string
    {
        $head = 'IHDR'.pack('NNCCCCC', $width, $height, 1, 0, 0, 0, 0);

        return "\x89PNG\r\n\x1a\n".pack('N', 13).$head.pack('N', crc32($head));
    }

    private static function jpegHeld(int $orientation): string
    {
        $image = imagecreatetruecolor(120, 80);
        assert($image !== false);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 20, 40, 220));
        imagefilledrectangle($image, 0, 0, 59, 39, (int) imagecolorallocate($image, 230, 20, 20));
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        $exif = "Exif\0\0II*\0".pack('V', 8).pack('v', 1).pack('vvVvv', 0x0112, 3, 1, $orientation, 0).pack('V', 0);
        $path = (string) tempnam(sys_get_temp_dir(), 'held');
        file_put_contents($path, substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2));

        return $path;
    }

    public function test_a_whole_picture_stays_on_no_tablet_and_small_ones_go_at_the_sign_out(): void
    {
        $this->as(Role::Technician);
        $kept = $this->post('/api/photos', ['photo' => UploadedFile::fake()->image('p.jpg', 40, 40)])->json('sha256');

        self::assertStringContainsString(
            'no-store',
            (string) $this->get("/api/photos/{$kept}")->headers->get('Cache-Control'),
        );
        $small = (string) $this->get("/api/photos/{$kept}/thumbnail")->headers->get('Cache-Control');
        self::assertStringContainsString('private', $small);
        self::assertStringNotContainsString('no-store', $small);
        $this->deleteJson('/api/session')->assertNoContent()->assertHeader('Clear-Site-Data', '"cache"');
    }

    public function test_an_auditor_sends_no_photos(): void
    {
        $this->as(Role::Auditor);

        $this->post('/api/photos', ['photo' => UploadedFile::fake()->image('p.jpg', 20, 20)])->assertForbidden();
    }

    /** A JPEG with an APP1 segment: a camera's name and the time it was taken, as TIFF tags (EXIF 2.3). */
    private static function jpegWithExif(): string
    {
        $image = imagecreatetruecolor(64, 48);
        assert($image !== false);
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        $make = "Estuary Camera\0\0";
        $taken = "2026:11:20 09:30:00\0";
        $exifAt = 8 + 2 + 2 * 12 + 4 + strlen($make);
        $tiff = "II*\0".pack('V', 8).pack('v', 2)
            .pack('vvVV', 0x010F, 2, strlen($make), 8 + 2 + 2 * 12 + 4)
            .pack('vvVV', 0x8769, 4, 1, $exifAt).pack('V', 0).$make
            .pack('v', 1).pack('vvVV', 0x9003, 2, strlen($taken), $exifAt + 2 + 12 + 4).pack('V', 0).$taken;
        $segment = "Exif\0\0".$tiff;
        $file = (string) tempnam(sys_get_temp_dir(), 'exif');
        file_put_contents(
            $file,
            substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($segment) + 2).$segment.substr($jpeg, 2),
        );

        return $file;
    }
}
