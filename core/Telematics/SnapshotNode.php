<?php

declare(strict_types=1);

namespace JadeLedger\Core\Telematics;

/**
 * A fleet snapshot as a tree, whether it came as XML or as JSON.
 *
 * Names are matched without regard to case, attributes are read as members, one and several are read alike, and what
 * is not known is passed over. Source: ISO 15143-3, as the published sample has it.
 */
final readonly class SnapshotNode
{
    private const DEEPEST = 32;

    /** @param  array<string, list<self>>  $members by name in lower case */
    private function __construct(private ?string $text, private array $members)
    {
    }

    /** @throws SnapshotIsUnreadable when it is neither, or carries a document type */
    public static function of(string $body): self
    {
        $body = trim(preg_replace('/^\xEF\xBB\xBF/', '', $body) ?? $body);

        return match ($body[0] ?? '') {
            '<' => self::ofXml($body),
            '{', '[' => self::ofJson($body),
            default => throw SnapshotIsUnreadable::because('it is neither XML nor JSON'),
        };
    }

    /** @throws SnapshotIsUnreadable */
    private static function ofXml(string $body): self
    {
        // A document type may name files of this machine, or grow without end. None is wanted here.
        if (stripos($body, '<!DOCTYPE') !== false) {
            throw SnapshotIsUnreadable::because('it carries a document type');
        }
        $before = libxml_use_internal_errors(true);
        $document = new \DOMDocument;
        $isRead = $document->loadXML($body, LIBXML_NONET | LIBXML_NOCDATA);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        if (! $isRead || $document->documentElement === null) {
            throw SnapshotIsUnreadable::because('the XML is not well-formed');
        }

        return self::ofElement($document->documentElement, self::DEEPEST);
    }

    private static function ofElement(\DOMElement $element, int $deep): self
    {
        if ($deep === 0) {
            throw SnapshotIsUnreadable::because('it is nested too deep');
        }
        $members = [];
        foreach ($element->attributes as $attribute) {
            $members[strtolower((string) $attribute->localName)][] = new self((string) $attribute->nodeValue, []);
        }
        $hasElements = false;
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                $members[strtolower((string) $child->localName)][] = self::ofElement($child, $deep - 1);
                $hasElements = true;
            }
        }

        return new self($hasElements ? null : trim($element->textContent), $members);
    }

    /** @throws SnapshotIsUnreadable */
    private static function ofJson(string $body): self
    {
        try {
            $read = json_decode($body, true, self::DEEPEST * 2, JSON_THROW_ON_ERROR | JSON_BIGINT_AS_STRING);
        } catch (\JsonException) {
            throw SnapshotIsUnreadable::because('the JSON is not well-formed');
        }

        return self::ofValue($read);
    }

    private static function ofValue(mixed $value): self
    {
        if (! is_array($value)) {
            return new self(match (true) {
                $value === null => null,
                is_bool($value) => $value ? 'true' : 'false',
                is_scalar($value) => trim((string) $value),
                default => null,
            }, []);
        }
        $members = [];
        foreach ($value as $name => $member) {
            $each = is_array($member) && array_is_list($member) ? $member : [$member];
            foreach ($each as $one) {
                $members[strtolower((string) $name)][] = self::ofValue($one);
            }
        }

        return new self(null, $members);
    }

    /**
     * The text at a path, from here; a number in the path says which of several, from nought.
     *
     * @param string $path names with slashes between them
     */
    public function text(string $path): ?string
    {
        $node = $this->at($path);

        return $node?->text === '' ? null : $node?->text;
    }

    public function at(string $path): ?self
    {
        $node = $this;
        $steps = explode('/', strtolower($path));
        while ($steps !== [] && $node !== null) {
            $several = $node->members[array_shift($steps)] ?? [];
            $index = isset($steps[0]) && ctype_digit($steps[0]) ? (int) array_shift($steps) : 0;
            $node = $several[$index] ?? null;
        }

        return $node;
    }

    /** @return list<self> */
    public function all(string $name): array
    {
        return $this->members[strtolower($name)] ?? [];
    }
}
