<?php

declare(strict_types=1);

return [
    'walk' => [
        'checkout' => 'revisión de salida',
        'return' => 'revisión de vuelta',
        'of' => 'Folio :folio, :hirer. Serie :serial.',
        'opened' => 'Abierta por :name, :at.',
        'words' => 'Para el día en que no funciona ninguna tableta. Barra negra: si no es así, la máquina se etiqueta. Anótelo en cuanto haya una tableta; decide la tableta, no esta hoja.',
        'stands' => 'Es así',
        'not_so' => 'No',
        'figure' => 'Cifra, o lo visto',
        'second' => 'Quién estuvo presente, nombre y firma',
        'held' => '(mantenido :seconds s)',
        'points' => ':count puntos, cada uno con su cifra',
        'look' => [
            'clear' => 'Claro',
            'cloudy' => 'Turbio',
            'dark' => 'Oscuro',
            'foam' => 'Espuma',
            'milky' => 'Lechoso',
            'fuel_smell' => 'Huele a combustible',
            'oily' => 'Aceitoso',
            'rusty' => 'Oxidado',
            'stood' => 'No se movió',
            'moved' => 'Se movió',
            'smooth' => 'Suave',
            'jerky' => 'A tirones',
        ],
        'signature' => 'Revisado por: ____________________     Empezado: ____________  Terminado: ____________     '
            .'Anotado por, y cuándo: ____________________',
    ],
    'calendar' => [
        'name' => 'Alquileres de :yard',
        'folio' => 'Folio :folio',
        'service' => 'Mantenimiento de :yard',
        'due' => 'mantenimiento, puntos por vencer: :count',
        'overdue' => 'mantenimiento, puntos vencidos: :count',
    ],
    'card' => [
        'limits' => 'Límites de este alquiler',
        'start' => 'Arrancarla',
        'stop' => 'Pararla',
        'working' => 'Lo que mata al trabajar',
        'danger' => 'PELIGRO:',
        'clock' => '(:time de reloj)',
        'rule' => 'Dada en la entrega. El manual del fabricante y la ley del lugar mandan sobre ella. '
            .'Cualquier cosa rara: pare y llame al patio.',
        'emergency' => 'Emergencia: motor fuera si puede, gente lejos, llame primero '
            .'al número de emergencias del lugar, luego a :yard.'
            ."\nPatio: :phone"
            .'   Emergencias: :number'
            .'   Quién baja o libera: ______________________',
    ],
    'tag' => [
        'title' => 'Etiqueta :number',
        'not_for_hire' => 'NO SE ALQUILA',
        'number' => 'Etiqueta :number. No arrancar, no mover.',
        'by' => 'Colgada por :name, :at.',
        'keys' => 'Llaves: :where.',
        'keys_unknown' => 'sin anotar',
        'rule' => 'Se quita solo tras una reparación registrada, vuelto a mirar lo que ella hizo necesario, y por otra persona que quien reparó. Deciden el manual del fabricante, la ley del lugar y una persona competente.',
    ],
    'mail' => [
        'subject' => 'Cómo arrancar y parar :number, de :yard',
        'text' => "Tiene :number de :yard hasta :until (folio :folio).\n"
            ."\n"
            ."Cómo se arranca y se para, sus límites en su lugar, qué hacer cada día y a quién llamar:\n"
            .":link\n"
            ."\n"
            .'Ábralo una vez donde haya cobertura; después no la necesita. La ficha con los mismos pasos va '
            ."adjunta. El manual de la máquina y la ley del lugar van antes que ambos.\n",
    ],
];
