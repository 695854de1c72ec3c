<?php

declare(strict_types=1);

return [
    'tag' => [
        'title' => 'Etiqueta :number',
        'not_for_hire' => 'NO SE ALQUILA',
        'number' => 'Etiqueta :number. No arrancar, no mover.',
        'by' => 'Colgada por :name, :at.',
        'keys' => 'Llaves: :where.',
        'keys_unknown' => 'sin anotar',
        'rule' => 'Se quita solo tras una reparación registrada, vuelto a mirar lo que ella hizo necesario, y por otra persona que quien reparó. Deciden el manual del fabricante, la ley del lugar y una persona competente.',
    ],
];
