<?php

declare(strict_types=1);

return [
    'dipstick' => [
        'no_such_face' => 'This dipstick has no such side.',
        'wrong_face' => 'Read on the wrong side: cold engine, cold side.',
        'nothing' => 'No oil on the blade.',
        'below_add' => ':gap below the Add mark.',
        'above_add_cold' => ':gap above Add, read cold.',
        'above_add_hot' => ':gap above Add, read hot.',
        'above_full' => ':gap above Full.',
    ],
    'glass' => [
        'nothing' => 'The glass is empty.',
        'below_add' => ':gap below the Add mark.',
        'between' => 'Between Add and Full.',
        'above_full' => ':gap above Full.',
        'posture_first' => 'Check the posture first. If it is right, let oil off and re-read after :minutes min.',
    ],
    'column' => [
        'nothing' => 'The column is empty.',
        'below_min' => ':gap below Min.',
        'between' => 'Between the marks.',
        'above_max' => ':gap above Max.',
        'fill' => 'Add :volume L of :fluid.',
    ],
    'level' => [
        'add_and_reread' => 'Add :volume L of :fluid, re-read after :minutes min.',
        'find_the_loss' => 'Find the loss first. Then :volume L of :fluid are missing.',
        'may_be_topped_up' => 'Takes :volume L of :fluid to Full.',
        'let_off_and_reread' => 'Let off down to Full, re-read after :minutes min.',
    ],
    'meter' => [
        'first' => 'First reading of this machine.',
        'plausible' => ':gain h since the last reading.',
        'ran_backwards' => 'Lower than the last reading of :last h. Meter changed?',
        'gained_too_much' => ':gain h in :elapsed h that passed.',
        'confirm' => 'Look again. If it is right, post it with a photo and a reason.',
    ],
    'count' => [
        'complete' => ':counted of :expected :pieces.',
        'missing' => ':counted of :expected :pieces.',
        'too_many' => ':counted, but only :expected :pieces belong to it.',
        'find' => 'Find them, or charge them.',
        'whose' => 'See whose they are.',
    ],
    'look' => [
        'accept' => ':accept',
        'not' => 'Not so: :accept',
        'act' => ':act',
        'cannot_tell' => 'Cannot be told now.',
    ],
    'reading' => [
        'wrong_state' => 'Not valid: taken with the machine ":present". It needs ":required".',
        'again_when' => 'It is asked again when the machine is ":required".',
        'conditions_not_held' => 'Not valid: :conditions.',
        'posture_first' => 'Get into posture first, then read again.',
        'looks_cloudy' => 'It looks cloudy: water or air in the oil.',
        'looks_milky' => 'It looks milky: water in the oil.',
        'looks_dark' => 'It looks dark: overdue or overheated.',
        'looks_foam' => 'It foams: let it settle, look for air.',
        'looks_fuel_smell' => 'It smells of fuel.',
        'looks_oily' => 'Oil on the coolant.',
        'looks_rusty' => 'It looks rusty.',
        'sample' => 'Take a sample; keep it here until it is known.',
    ],
];
