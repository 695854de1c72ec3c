<?php

declare(strict_types=1);

return [
    'no_such_family' => 'There is no family ":family". One of: :families.',
    'no_such_feature' => 'There is no feature ":feature". The nearest name is ":near".',
    'no_name' => 'Give maker and name in letters of the Latin alphabet; the model is called by them.',
    'name_stays' => 'Maker and name stay as they are: machines and walks refer to the model by them. Write a new model down instead.',
    'is_there_already' => ':model is in the catalogue already. Correct it there, or give this one another name.',
    'twice_in_the_table' => 'The same maker and name stand in row :row.',
    'limit_missing' => 'Asked for by ":check". Not guessed.',
    'limit_unasked' => 'No check of a machine with these features asks for this. Take the figure out, or add the feature that it belongs to.',
    'source_missing' => 'Say where the limits come from, such as the manual and its page.',
    'field' => [
        'whole_digits' => 'Digits before the point',
        'decimals' => 'Digits behind the point',
        'cold' => ['lowest' => 'Cold: end of the stick, mm', 'add' => 'Cold: Add mark, mm', 'full' => 'Cold: Full mark, mm', 'highest' => 'Cold: highest, mm'],
        'hot' => ['lowest' => 'Hot: end of the stick, mm', 'add' => 'Hot: Add mark, mm', 'full' => 'Hot: Full mark, mm', 'highest' => 'Hot: highest, mm'],
        'diameter_mm' => 'Width of the glass, mm',
        'marks' => ['lowest' => 'Empty', 'add' => 'Add mark', 'full' => 'Full mark', 'highest' => 'Brim'],
        'unit' => 'Unit of the marks',
        'need' => 'It has to last',
        'fluid' => ['name' => 'Fluid', 'litres_per_unit' => 'Litres for one unit', 'settle_minutes' => 'Minutes to settle'],
        'pieces' => 'What is counted',
        'expected' => 'How many',
        'seconds' => 'Seconds to wait',
    ],
];
