<?php

declare(strict_types=1);

return [
    'tag' => [
        'title' => 'Tag :number',
        'not_for_hire' => 'NOT FOR HIRE',
        'number' => 'Tag :number. Do not start, do not move.',
        'by' => 'Hung by :name, :at.',
        'keys' => 'Keys: :where.',
        'keys_unknown' => 'not written down',
        'rule' => 'Comes off only after a repair that is recorded, what it made due looked at again, and by another person than who mended it. The maker\'s manual, local law and a competent person decide.',
    ],
];
