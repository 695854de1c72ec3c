#!/usr/bin/env php
<?php

declare(strict_types=1);

/*
 * Writes every package that the chosen ones bring along into composer.json, each at the version that was resolved: the
 * project keeps no lock file, and what is not named there would be another one on the next machine.
 *   php ops/pin-packages.php            resolves the chosen ones (extra.chosen, changed by hand) and pins the rest
 *   php ops/pin-packages.php --check    says where composer.json and what is installed differ
 */

$root = dirname(__DIR__);
$file = "{$root}/composer.json";
$own = json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
$isPackage = static fn (string $name): bool => str_contains($name, '/');

if (in_array('--check', $argv, true)) {
    $installed = json_decode((string) file_get_contents("{$root}/vendor/composer/installed.json"), true);
    $there = array_map(
        static fn (string $version): string => ltrim($version, 'v'),
        array_column($installed['packages'], 'version', 'name'),
    );
    $pinned = array_filter($own['require'] + $own['require-dev'], $isPackage, ARRAY_FILTER_USE_KEY);
    $faults = [];
    foreach (array_keys(array_diff_key($there, $pinned)) as $name) {
        $faults[] = "{$name} is installed and not pinned.";
    }
    foreach (array_keys(array_diff_key($pinned, $there)) as $name) {
        $faults[] = "{$name} is pinned and not installed.";
    }
    foreach (array_intersect_key($pinned, $there) as $name => $version) {
        if ($version !== $there[$name]) {
            $faults[] = "{$name} is pinned at {$version} and installed at {$there[$name]}.";
        }
    }
    foreach (array_diff($own['extra']['chosen'], array_keys($pinned)) as $name) {
        $faults[] = "{$name} is chosen and not pinned.";
    }
    foreach ($faults as $fault) {
        fwrite(STDERR, "composer.json: {$fault}\n");
    }
    exit($faults === [] ? 0 : 1);
}

$folder = sys_get_temp_dir().'/pin-'.bin2hex(random_bytes(4));
mkdir($folder);
$chosen = array_flip($own['extra']['chosen']);
$only = static fn (string $part): array => array_filter(
    $own[$part],
    static fn (string $name): bool => ! $isPackage($name) || isset($chosen[$name]),
    ARRAY_FILTER_USE_KEY,
);
$reduced = ['require' => $only('require'), 'require-dev' => $only('require-dev'), 'config' => ['lock' => true]] + $own;
unset($reduced['scripts'], $reduced['autoload'], $reduced['autoload-dev']);
file_put_contents("{$folder}/composer.json", json_encode($reduced, JSON_THROW_ON_ERROR));
passthru('composer update --no-install --no-interaction --working-dir='.escapeshellarg($folder), $status);
if ($status !== 0) {
    exit($status);
}
$lock = json_decode((string) file_get_contents("{$folder}/composer.lock"), true, 64, JSON_THROW_ON_ERROR);
foreach (['require' => 'packages', 'require-dev' => 'packages-dev'] as $part => $resolved) {
    $platform = array_filter($own[$part], static fn (string $name): bool => ! $isPackage($name), ARRAY_FILTER_USE_KEY);
    $versions = array_map(
        static fn (string $version): string => ltrim($version, 'v'),
        array_column($lock[$resolved], 'version', 'name'),
    );
    ksort($versions);
    $own[$part] = $platform + $versions;
}
$own['config']['allow-plugins'] = (object) $own['config']['allow-plugins'];
file_put_contents(
    $file,
    json_encode($own, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n",
);
array_map(unlink(...), ["{$folder}/composer.json", "{$folder}/composer.lock"]);
rmdir($folder);
