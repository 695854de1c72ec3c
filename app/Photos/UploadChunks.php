<?php

declare(strict_types=1);

namespace App\Photos;

use App\Models\PhotoUpload;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\Storage;

/** The pieces of a picture that is on its way, where photos are kept: every node of a yard finds them there. */
final class UploadChunks
{
    /** A piece whose row was never saved is written over. */
    public function put(PhotoUpload $upload, string $piece): void
    {
        if (! $this->disk()->put($this->path($upload, $upload->pieces), $piece)) {
            throw new \RuntimeException("A piece of {$upload->id} could not be written.");
        }
    }

    /** @return string a file of this machine with all of them, which whoever asked takes away */
    public function joined(PhotoUpload $upload): string
    {
        $name = (string) tempnam(sys_get_temp_dir(), 'upload');
        $file = fopen($name, 'w') ?: throw new \RuntimeException("{$name} cannot be written.");
        for ($piece = 0; $piece < $upload->pieces; $piece++) {
            fwrite($file, (string) $this->disk()->get($this->path($upload, $piece)));
        }
        fclose($file);

        return $name;
    }

    public function forget(PhotoUpload $upload): void
    {
        // The last one may have been written without its row.
        for ($piece = 0; $piece <= $upload->pieces; $piece++) {
            $this->disk()->delete($this->path($upload, $piece));
        }
    }

    private function path(PhotoUpload $upload, int $piece): string
    {
        return sprintf('uploads/%s-%05d', $upload->id, $piece);
    }

    private function disk(): Filesystem
    {
        return Storage::disk('photos');
    }
}
