<?php

declare(strict_types=1);

namespace Tests\Core\Ledger;

use Eris\Generators;
use Eris\TestTrait;
use JadeLedger\Core\Ledger\CanonicalJson;
use JadeLedger\Core\Ledger\CanonicalJsonCannotExpress;
use JadeLedger\Core\Ledger\EcmaScriptNumber;
use JadeLedger\Core\Ledger\HashChain;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\PublishedValues;

/** Source: RFC 8785, its Appendix B for numbers and section 3.2 for the samples. */
final class CanonicalJsonTest extends TestCase
{
    use TestTrait;

    /** @return array<string, array{array<string, mixed>, mixed}> */
    public static function numbers(): array
    {
        $table = json_decode((string) file_get_contents(__DIR__.'/../../data/published-values.json'), true)['entries'];
        $cases = PublishedValues::examples('S-503');
        foreach ($table as $entry) {
            foreach ($entry['id'] === 'S-503' ? ($entry['table']['rows'] ?? $entry['table']) : [] as $row) {
                $row = array_values($row);
                $cases["RFC 8785 Appendix B: {$row[0]}"] = [['ieee754_hex' => $row[0]], ['json' => (string) $row[1]]];
            }
        }

        return $cases;
    }

    /** @param  array{ieee754_hex: string}  $inputs @param  array{json: string}  $expected */
    #[DataProvider('numbers')]
    public function test_numbers_are_written_as_ecmascript_writes_them(array $inputs, array $expected): void
    {
        $bits = unpack('E', (string) hex2bin($inputs['ieee754_hex']));
        self::assertIsArray($bits);

        self::assertSame($expected['json'], EcmaScriptNumber::text($bits[1]));
    }

    /** @return array<string, array{array<string, mixed>, mixed}> */
    public static function keyOrders(): array
    {
        return PublishedValues::examples('S-504');
    }

    /** @param  array{value: array<string, mixed>}  $inputs @param  array{jcs: string}  $expected */
    #[DataProvider('keyOrders')]
    public function test_keys_stand_in_utf_16_order(array $inputs, array $expected): void
    {
        self::assertSame($expected['jcs'], CanonicalJson::encode((object) $inputs['value']));
    }

    /** @return array<string, array{array<string, mixed>, mixed}> */
    public static function documents(): array
    {
        return PublishedValues::examples('S-505');
    }

    /** @param  array{json_text: string}  $inputs @param  array{jcs: string, sha256: string}  $expected */
    #[DataProvider('documents')]
    public function test_a_whole_document_and_its_digest(array $inputs, array $expected): void
    {
        $text = CanonicalJson::encode(json_decode($inputs['json_text']));

        self::assertSame($expected['jcs'], $text);
        self::assertSame($expected['sha256'], HashChain::hash($text));
    }

    public function test_what_is_read_back_is_written_the_same_again(): void
    {
        $this->limitTo(300)
            ->forAll(
                Generators::seq(
                    Generators::oneOf(Generators::int(), Generators::float(), Generators::string(), Generators::bool()),
                ),
            )
            ->then(static function (array $values): void {
                $keyed = array_combine(
                    array_map(static fn (int $at): string => "k{$at}", array_keys($values)),
                    $values,
                );
                $keyed = array_map(
                    static fn (mixed $value): mixed => is_string($value)
                        ? mb_convert_encoding($value, 'UTF-8', 'ISO-8859-1')
                        : $value,
                    $keyed,
                );
                $text = CanonicalJson::encode((object) $keyed);
                self::assertSame($text, CanonicalJson::encode(json_decode($text)));
                self::assertSame($text, CanonicalJson::encode((object) array_reverse($keyed, true)));
            });
    }

    public function test_empty_objects_and_empty_lists_stay_apart(): void
    {
        self::assertSame('{"list":[],"object":{}}', CanonicalJson::encode(['object' => new \stdClass, 'list' => []]));
    }

    public function test_nan_is_refused(): void
    {
        $this->expectException(CanonicalJsonCannotExpress::class);

        CanonicalJson::encode(['value' => NAN]);
    }

    public function test_an_integer_that_a_double_cannot_hold_is_refused(): void
    {
        $this->expectException(CanonicalJsonCannotExpress::class);
        $this->expectExceptionMessage('write it as text');

        CanonicalJson::encode(9_007_199_254_740_993);
    }
}
