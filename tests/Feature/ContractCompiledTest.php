<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Contract\Contract;
use Tests\Support\YardTestCase;

/** What each request is held against is read before the first one comes. */
final class ContractCompiledTest extends YardTestCase
{
    public function test_every_schema_is_compiled_with_what_it_refers_to(): void
    {
        $folder = sys_get_temp_dir().'/contract-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $contract = new Contract(base_path('api/openapi.yaml'), "{$folder}/contract.json");
        $this->app->instance(Contract::class, $contract);

        self::assertSame(0, $this->withoutMockingConsoleOutput()->artisan('contract:compile'));

        $entry = json_decode((string) file_get_contents("{$folder}/contract.json.EntryInput"), true);
        self::assertArrayHasKey('EntryInput', $entry);
        self::assertGreaterThan(100, count((array) glob("{$folder}/contract.json.*")));
        // Compiled, the description itself is not read again.
        unlink("{$folder}/contract.json");
        $again = new Contract(base_path('api/openapi.yaml'), "{$folder}/contract.json");
        self::assertNotSame([], $again->faults('EntryInput', (object) []));
        self::assertFileDoesNotExist("{$folder}/contract.json");
    }
}
