<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Catalogue\ModelSheet;
use App\People\PlainText;
use Illuminate\Foundation\Http\FormRequest;

final class ModelRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('keep-models') ?? false;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'family' => ['required', 'string', 'max:80'],
            'maker' => ['required', 'string', 'max:80', new PlainText],
            'name' => ['required', 'string', 'max:80', new PlainText],
            'describes' => ['required', 'string', 'max:240', new PlainText],
            'mass_kg' => ['required', 'string', 'max:9'],
            'features' => ['present', 'array', 'max:200'],
            'features.*' => ['string', 'max:80'],
            'source' => ['present', 'string', 'max:240'],
            'limits' => ['present', 'array', 'max:400'],
            'limits.*' => ['string', 'max:240'],
        ];
    }

    public function sheet(): ModelSheet
    {
        /** @var list<string> $features */
        $features = array_values((array) $this->input('features'));
        /** @var array<string, string> $limits */
        $limits = (array) $this->input('limits');
        $word = fn (string $key): string => trim($this->string($key)->value());

        return new ModelSheet(
            $word('family'),
            $word('maker'),
            $word('name'),
            $word('describes'),
            $word('mass_kg'),
            $features,
            $word('source'),
            $limits,
        );
    }

    /** Empty fields of a form stay empty words. */
    protected function prepareForValidation(): void
    {
        $limits = $this->input('limits');
        $this->merge([
            'source' => $this->input('source') ?? '',
            'limits' => is_array($limits)
                ? array_map(static fn (mixed $value): mixed => $value ?? '', $limits)
                : $limits,
        ]);
    }
}
