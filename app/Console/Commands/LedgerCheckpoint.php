<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\TakeCheckpoint;
use App\Keys\CheckpointKey;
use Illuminate\Console\Command;

final class LedgerCheckpoint extends Command
{
    protected $signature = 'ledger:checkpoint';

    protected $description = 'Write down the end of every chain, signed, outside the database';

    public function handle(TakeCheckpoint $take, CheckpointKey $key): int
    {
        try {
            $checkpoint = $take();
        } catch (\RuntimeException $fault) {
            $this->error($fault->getMessage());

            return self::FAILURE;
        }
        $this->line(
            'Checkpoint '.$checkpoint->number.' of '.count($checkpoint->chains)
                ." chains, signed by {$key->publicKey()}.",
        );

        return self::SUCCESS;
    }
}
