<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * What is fitted to a machine since it was changed last.
 *
 * @property string $machine_id
 * @property string|null $fitted by the yard's own name; none where nothing is
 * @property Carbon $since
 * @property string $entry_id
 */
final class MachineAttachment extends Projection
{
    protected $table = 'machine_attachments';

    protected $primaryKey = 'machine_id';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['since' => 'datetime'];
    }
}
