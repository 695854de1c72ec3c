<?php

declare(strict_types=1);

namespace App\Keys;

use App\Setting;

/**
 * A secret that lies in a file outside the database, readable by its owner only; made when it is first asked for.
 *
 * The folder is JADE_KEYS, or keys/ beside the stored photos. It belongs into no backup of the database.
 */
final class KeyFile
{
    /** @param  \Closure(): string  $make the content of a new file */
    public static function read(string $name, \Closure $make): string
    {
        $folder = Setting::text('jade.keys_folder');
        $file = "{$folder}/{$name}";
        if (! is_file($file)) {
            if (! is_dir($folder) && ! mkdir($folder, 0o700, true) && ! is_dir($folder)) {
                throw new \RuntimeException("The folder for keys cannot be made: {$folder}.");
            }
            $draft = $file.'.'.bin2hex(random_bytes(4));
            file_put_contents($draft, $make());
            chmod($draft, 0o600);
            // Of two that come at once the first wins: a link to a name that exists is refused.
            @link($draft, $file);
            unlink($draft);
        }

        return (string) file_get_contents($file);
    }
}
