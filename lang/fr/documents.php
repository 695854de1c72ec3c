<?php

declare(strict_types=1);

return [
    'card' => [
        'limits' => 'Limites de cette location',
        'start' => 'La démarrer',
        'stop' => 'L\'arrêter',
        'working' => 'Ce qui tue pendant le travail',
        'danger' => 'DANGER :',
        'clock' => '(:time au chronomètre)',
        'rule' => 'Donné à la remise. Le manuel du fabricant et la loi du lieu priment. '
            .'Tout ce qui est étrange : arrêtez et appelez la base.',
        'emergency' => 'Urgence : moteur coupé si possible, gens écartés, appelez d\'abord le numéro d\'urgence '
            .'du lieu, '
            .'puis :yard.'
            ."\nBase : :phone"
            .'   Urgence : :number'
            .'   Qui descend ou libère : ______________________',
    ],
    'mail' => [
        'subject' => 'Démarrer et arrêter :number, de :yard',
        'text' => "Vous avez :number de :yard jusqu'au :until (folio :folio).\n"
            ."\n"
            ."Comment elle se démarre et s'arrête, ses limites chez vous, que faire chaque jour et qui appeler :\n"
            .":link\n"
            ."\n"
            ."Ouvrez-le une fois où il y a du réseau ; ensuite il n'en faut plus. La carte avec les mêmes étapes est "
            ."jointe. Le manuel sur la machine et la loi du lieu priment sur les deux.\n",
    ],
];
