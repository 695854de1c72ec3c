<?php

declare(strict_types=1);

namespace App\Catalogue;

use Illuminate\Support\Facades\App;

/**
 * The texts of the catalogue in the reader's language.
 *
 * A translation is found by its English text, lang/<language>/catalogue.php, so plans that were stored long ago are
 * translated
 * too, and a text that was changed is shown in English until it is translated anew. Nothing that people wrote goes
 * through here.
 */
final class CatalogueWords
{
    /** The members of an answer that hold texts of the catalogue. */
    private const MEMBERS = [
        'title',
        'how',
        'accept',
        'if_not',
        'do',
        'expect',
        'fail_means',
        'text',
        'why',
        'summary',
        'instruction',
        'caution',
        'name',
        'label',
        'asks',
        'direction',
        'describes',
        'group',
        'family',
        'reason',
        'act',
        'followed',
        'followed_why',
        'other',
        'other_why',
        'because',
        'fluid',
        'pieces',
        'needs',
        'asked_by',
        'part',
        'brief',
        'ask',
        'say',
        'formula',
    ];

    /** @var array<string, array<string, string>> by language */
    private static array $tables = [];

    public static function say(string $english): string
    {
        return self::table()[$english] ?? $english;
    }

    public static function isNeeded(): bool
    {
        return self::table() !== [];
    }

    /** An answer with its texts of the catalogue translated. */
    public static function within(mixed $answer, ?string $member = null): mixed
    {
        if (is_string($answer)) {
            return $member !== null && in_array($member, self::MEMBERS, true) ? self::say($answer) : $answer;
        }
        if (is_array($answer)) {
            return array_map(static fn (mixed $part): mixed => self::within($part, $member), $answer);
        }
        if ($answer instanceof \stdClass) {
            foreach (get_object_vars($answer) as $name => $part) {
                // Of a source the words are the catalogue's; elsewhere "words" are what somebody wrote.
                $answer->{$name} =
                    $member === 'source' && $name === 'words' && is_string($part)
                        ? self::say($part)
                        : self::within($part, (string) $name);
            }
        }

        return $answer;
    }

    /** @return array<string, string> English to the reader's language; nothing when that is English */
    private static function table(): array
    {
        $language = App::getLocale();

        if (! isset(self::$tables[$language])) {
            $file = lang_path("{$language}/catalogue.php");
            /** @var array<string, string> $table */
            $table = is_file($file) ? require $file : [];
            self::$tables[$language] = $table;
        }

        return self::$tables[$language];
    }
}
