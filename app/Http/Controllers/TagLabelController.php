<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\TagLabel;
use App\Models\Tag;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final class TagLabelController
{
    public function __invoke(Tag $tag, TagLabel $label): Response
    {
        Gate::authorize('view', $tag->machine);

        return response($label->of($tag), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"tag-{$tag->number}.pdf\"",
        ]);
    }
}
