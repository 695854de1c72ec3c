<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Application;

/** A yard with servers of its own, and other servers that hold nothing: for what goes from the one to the other. */
trait TwoStacks
{
    private static ApartStack $yard;

    private static ApartStack $empty;

    private static string $folder;

    /** @return array{string, int, int} the folder below storage/, and the first of two ports of web and database */
    abstract protected static function place(): array;

    public static function setUpBeforeClass(): void
    {
        [$name, $web, $database] = self::place();
        self::$folder = dirname(__DIR__, 2)."/storage/{$name}";
        (new Filesystem)->deleteDirectory(self::$folder);
        self::$yard = ApartStack::start(self::$folder.'/yard', $web, $database);
        self::$empty = ApartStack::start(self::$folder.'/empty', $web + 1, $database + 1);
    }

    public static function tearDownAfterClass(): void
    {
        self::$yard->stop();
        self::$empty->stop();
    }

    public function createApplication(): Application
    {
        $app = parent::createApplication();
        $app->make('config')->set([
            'database.connections.mariadb.port' => self::$yard->databasePort,
            'database.connections.mariadb.database' => 'jade_apart',
            'filesystems.disks.photos.root' => self::$yard->storage.'/app/private',
        ]);

        return $app;
    }

    protected function connectionsToTransact(): array
    {
        return [];
    }
}
