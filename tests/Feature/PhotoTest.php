<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use Illuminate\Http\UploadedFile;
use Tests\Support\YardTestCase;

final class PhotoTest extends YardTestCase
{
    public function test_a_photo_is_kept_under_its_digest_without_place_or_device_but_with_its_time(): void
    {
        $this->as(Role::Technician);
        $kept = $this->post('/api/photos', ['photo' => new UploadedFile(self::jpegWithExif(), 'p.jpg', 'image/jpeg', null, true)])->assertCreated();
        $this->assertFits($kept, 'Photo');
        $file = $this->get('/api/photos/'.$kept->json('sha256'))->assertOk();
        $bytes = $file->streamedContent();

        self::assertSame($kept->json('sha256'), hash('sha256', $bytes));
        self::assertStringNotContainsString('Estuary Camera', $bytes);
        self::assertStringNotContainsString('Exif', $bytes);
        self::assertSame('2026-11-20T09:30:00.000000Z', $kept->json('taken_at'));
        $this->get('/api/photos/'.$kept->json('sha256').'/thumbnail')->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    }

    public function test_a_large_picture_is_made_smaller_and_keeps_its_proportions(): void
    {
        $this->as(Role::Technician);
        $kept = $this->post('/api/photos', ['photo' => UploadedFile::fake()->image('wide.jpg', 3000, 1500)])->assertCreated();

        self::assertSame([2000, 1000], [$kept->json('width'), $kept->json('height')]);
    }

    public function test_thirty_megabytes_are_too_much(): void
    {
        $this->as(Role::Technician);
        $refused = $this->post('/api/photos', ['photo' => UploadedFile::fake()->create('big.jpg', 30 * 1024, 'image/jpeg')])->assertStatus(413);

        $this->assertFits($refused, 'Problem');
        self::assertStringContainsString('20 MB', $refused->json('detail'));
    }

    public function test_what_is_no_picture_is_refused_whatever_it_is_called(): void
    {
        $this->as(Role::Technician);
        $this->assertFits($this->post('/api/photos', ['photo' => UploadedFile::fake()->createWithContent('photo.jpg', '<?php echo 1;')])->assertStatus(422), 'Problem');
        $this->assertFits($this->post('/api/photos', [])->assertStatus(422), 'Problem');
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
        file_put_contents($file, substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($segment) + 2).$segment.substr($jpeg, 2));

        return $file;
    }
}
