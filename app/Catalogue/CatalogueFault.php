<?php

declare(strict_types=1);

namespace App\Catalogue;

/** One mistake in a catalogue file: the file, the line where it is known, the place, and the rule that it breaks. */
final readonly class CatalogueFault
{
    public function __construct(
        public string $file,
        public string $where,
        public string $rule,
        public ?int $line = null,
        public ?string $about = null,
    ) {
    }

    /** @param  string  $about id of the check, model, rule or step that the mistake is in */
    public static function in(string $file, string $kind, string $about, string $rule): self
    {
        return new self($file, "{$kind} {$about}", $rule, null, $about);
    }

    public function inFile(string $file, ?int $line): self
    {
        return new self($file, $this->where, $this->rule, $line, $this->about);
    }

    public function sentence(): string
    {
        $line = $this->line === null ? '' : ", line {$this->line}";

        return "{$this->file}{$line}, {$this->where}: {$this->rule}";
    }
}
