<?php

declare(strict_types=1);

require __DIR__.'/../../vendor/autoload.php';

// The mutant stands in for one class; everything else is what it is.
$class = (string) getenv('MUTANT_CLASS');
$file = (string) getenv('MUTANT_FILE');
spl_autoload_register(static function (string $wanted) use ($class, $file): void {
    if ($wanted === $class) {
        require $file;
    }
}, prepend: true);
