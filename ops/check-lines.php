<?php

declare(strict_types=1);

/*
 * Lines of at most 120 columns in the PHP code. A text that cannot be cut (a sentence, a statement of SQL, a script for
 * a page), a tag of a docblock and the name of a test may be longer. Says each line that is too long and fails then.
 */

const MOST_COLUMNS = 120;
/** Shorter ones can go on a line of their own. */
const LONG_TEXT = 40;
const MAY_BE_LONG = '/^\s*(\/\*)?\*+ +@|function test_/';

/** @return array<int, true> lines that hold a text that cannot be cut */
function linesOfTexts(string $code): array
{
    $lines = [];
    foreach (PhpToken::tokenize($code) as $token) {
        if ($token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE, T_INLINE_HTML])) {
            foreach (explode("\n", $token->text) as $at => $text) {
                if (strlen($text) >= LONG_TEXT) {
                    $lines[$token->line + $at] = true;
                }
            }
        }
    }

    return $lines;
}

$root = dirname(__DIR__);
$found = 0;
foreach (['app', 'bench', 'bootstrap', 'config', 'core', 'database', 'ops', 'routes', 'tests'] as $folder) {
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}"));
    foreach ($files as $file) {
        $isCode = $file instanceof SplFileInfo && $file->getExtension() === 'php';
        if (! $isCode || str_contains((string) $file, '/cache/')) {
            continue;
        }
        $code = (string) file_get_contents((string) $file);
        $texts = linesOfTexts($code);
        foreach (explode("\n", $code) as $at => $line) {
            $isLong = mb_strlen($line) > MOST_COLUMNS;
            if ($isLong && ! isset($texts[$at + 1]) && preg_match(MAY_BE_LONG, $line) !== 1) {
                $found++;
                echo substr((string) $file, strlen($root) + 1), ':', $at + 1, ' has ', mb_strlen($line), " columns\n";
            }
        }
    }
}
exit($found === 0 ? 0 : 1);
