<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\Process\Process;
use Tests\Support\YardTestCase;

/** Photos in a store that speaks the S3 protocol; the store is the stand-in that ships. */
final class PhotoStoreTest extends YardTestCase
{
    private Process $store;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/jade-objects-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($socket);
        $address = (string) stream_socket_get_name($socket, false);
        fclose($socket);
        $this->store = new Process(
            ['php', '-S', $address, base_path('app/Simulators/object-store.php')],
            env: ['OBJECT_STORE_FOLDER' => $this->folder, 'OBJECT_STORE_KEY' => 'yard'],
        );
        $this->store->start();
        $this->store->waitUntil(static fn (string $type, string $output): bool => str_contains($output, 'started'));
        putenv('PHOTO_STORE=s3');
        $_ENV['PHOTO_STORE'] = $_SERVER['PHOTO_STORE'] = 's3';
        // As the example of the settings has it: a region that is not filled in.
        $settings = [
            'ENDPOINT' => "http://{$address}", 'REGION' => '', 'BUCKET' => 'photos', 'KEY' => 'yard',
            'SECRET' => 'not-a-secret',
        ];
        foreach ($settings as $name => $value) {
            $_ENV["PHOTO_S3_{$name}"] = $_SERVER["PHOTO_S3_{$name}"] = $value;
        }
        config(['filesystems' => require config_path('filesystems.php')]);
        Storage::forgetDisk('photos');
    }

    protected function tearDown(): void
    {
        $this->store->stop(1);
        (new Filesystem)->deleteDirectory($this->folder);
        $set = array_map(
            static fn (string $of): string => "PHOTO_S3_{$of}",
            ['ENDPOINT', 'REGION', 'BUCKET', 'KEY', 'SECRET'],
        );
        foreach (['PHOTO_STORE', ...$set] as $name) {
            unset($_ENV[$name], $_SERVER[$name]);
            putenv($name);
        }
        parent::tearDown();
    }

    public function test_a_photo_goes_to_the_store_and_comes_back_as_it_was(): void
    {
        $this->as(Role::Technician);
        $kept = $this->post('/api/photos', [
            'photo' => UploadedFile::fake()->image('door.jpg', 640, 480),
        ])->assertCreated();
        $sha256 = $kept->json('sha256');

        self::assertFileExists("{$this->folder}/photos/photos/".substr($sha256, 0, 2)."/{$sha256}.jpg");
        self::assertSame($sha256, hash('sha256', $this->get("/api/photos/{$sha256}")->assertOk()->streamedContent()));
        self::assertNotSame('', $this->get("/api/photos/{$sha256}/thumbnail")->assertOk()->streamedContent());
    }
}
