<?php

declare(strict_types=1);

return [
    'walk' => [
        'checkout' => 'walk out',
        'return' => 'walk in',
        'of' => 'Folio :folio, :hirer. Serial :serial.',
        'opened' => 'Opened by :name, :at.',
        'words' => 'For the day on which no tablet works. A black bar: not so tags the machine out. Enter it as soon as a tablet is there; the tablet decides, not this sheet.',
        'stands' => 'Stands',
        'not_so' => 'Not so',
        'figure' => 'Figure, or what is seen',
        'second' => 'Who stood by, name and signature',
        'held' => '(held :seconds s)',
        'points' => ':count points, each with its figure',
        'look' => [
            'clear' => 'Clear',
            'cloudy' => 'Cloudy',
            'dark' => 'Dark',
            'foam' => 'Foam',
            'milky' => 'Milky',
            'fuel_smell' => 'Fuel smell',
            'oily' => 'Oily',
            'rusty' => 'Rusty',
            'stood' => 'Stood still',
            'moved' => 'Moved',
            'smooth' => 'Smooth',
            'jerky' => 'In jerks',
        ],
        'signature' => 'Walked by: ____________________     Begun: ____________  Ended: ____________     '
            .'Entered by, and when: ____________________',
    ],
    'calendar' => [
        'name' => 'Hires of :yard',
        'folio' => 'Folio :folio',
        'service' => 'Service of :yard',
        'due' => 'service, points likely due: :count',
        'overdue' => 'service, points overdue: :count',
    ],
    'card' => [
        'limits' => 'Limits for this hire',
        'start' => 'Starting it',
        'stop' => 'Stopping it',
        'working' => 'What kills while you work',
        'danger' => 'DANGER:',
        'clock' => '(:time by the clock)',
        'rule' => 'Given at the handover. The maker\'s manual and the law of the place overrule it. '
            .'Anything odd: stop and ring the yard.',
        'emergency' => 'Emergency: engine off if you can, people away, ring the emergency number of the place first, '
            .'then :yard.'
            ."\nYard: :phone"
            .'   Emergency: :number'
            .'   Who lowers or frees: ______________________',
    ],
    'tag' => [
        'title' => 'Tag :number',
        'not_for_hire' => 'NOT FOR HIRE',
        'number' => 'Tag :number. Do not start, do not move.',
        'by' => 'Hung by :name, :at.',
        'keys' => 'Keys: :where.',
        'keys_unknown' => 'not written down',
        'rule' => 'Comes off only after a repair that is recorded, what it made due looked at again, and by another person than who mended it. The maker\'s manual, local law and a competent person decide.',
    ],
    'mail' => [
        'subject' => 'How to start and stop :number, from :yard',
        'text' => "You have :number from :yard until :until (folio :folio).\n"
            ."\n"
            ."How it is started and stopped, its limits at your place, what to do each day and whom to ring:\n"
            .":link\n"
            ."\n"
            .'Open it once where there is a signal; afterwards it needs none. The card with the same steps is '
            ."attached. The manual on the machine and the law of the place come before both.\n",
    ],
];
