<?php

declare(strict_types=1);

namespace App\Catalogue;

/**
 * A catalogue that an older release kept beside its walks, in the form that this release reads. What is kept is never
 * changed: this is done each time that it is read.
 *
 * @phpstan-import-type FilesTree from BuildCatalogue
 *
 * @phpstan-type Trees array<string, array<string, mixed>>
 */
final class UpcastCatalogue
{
    /**
     * @param Trees $trees
     * @return Trees
     */
    public function inPresentForm(array $trees): array
    {
        /** @var FilesTree $files */
        $files = $trees;
        $stages = $files['states/stages.yaml']['stages'];
        foreach ($stages as $at => $stage) {
            // Until 0.6.0 no state said how far the axles stand out: they were in.
            $stages[$at]['state'] = $stage['state'] + ['axles' => 'in'];
        }

        return array_replace($trees, ['states/stages.yaml' => ['stages' => $stages]]);
    }
}
