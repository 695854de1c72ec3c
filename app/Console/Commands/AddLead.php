<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Audit\AuditKind;
use App\Audit\WriteAudit;
use App\Models\Role;
use App\Models\User;
use App\Models\Yard;
use App\People\GoodPassword;
use App\People\PersonRules;
use App\Yards\CurrentYard;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;

/** The first person of a yard, and the way back in for a yard whose leads have all lost their passwords. */
final class AddLead extends Command
{
    protected $signature = 'yard:add-lead {login : small letters, digits, dot, line} {name} {initials} {--yard= : the name of the yard, where there are several}';

    protected $description = 'Add a yard lead; the password is asked for';

    public function handle(CurrentYard $hand, WriteAudit $audit): int
    {
        $yard = $this->yard();
        if ($yard === null) {
            $this->error(
                'There is no yard of this name. One of: '.
                    Yard::query()->orderBy('name')->pluck('name')->implode(', '),
            );

            return self::INVALID;
        }
        $login = $this->argument('login');
        $password = $this->secret('Password, at least '.GoodPassword::SHORTEST.' characters');
        $given = $this->arguments() + ['password' => is_string($password) ? $password : ''];
        $faults = Validator::make($given, PersonRules::all(is_string($login) ? $login : ''), PersonRules::messages())
            ->errors()
            ->all();
        if ($faults !== []) {
            array_map($this->error(...), $faults);

            return self::INVALID;
        }
        $hand->stepInto($yard);
        $lead = User::query()->create(
            ['role' => Role::Lead] + array_intersect_key($given, array_flip(['login', 'name', 'initials', 'password'])),
        );
        $audit(
            AuditKind::PersonAdded,
            $lead,
            $lead->name,
            after: ['login' => $lead->login, 'role' => Role::Lead->value, 'by' => 'command line'],
        );
        $this->line("{$lead->name} leads {$yard->name} and signs in as {$lead->login}.");

        return self::SUCCESS;
    }

    private function yard(): ?Yard
    {
        $name = $this->option('yard');

        return is_string($name) ? Yard::query()->where('name', $name)->first() : Yard::ofTheSettings();
    }
}
