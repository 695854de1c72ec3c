<?php

declare(strict_types=1);

return [
    'look_at_the_fields' => ['title' => 'Mire los campos', 'detail' => 'Algo de lo pedido no encaja; vea cada campo.'],
    'sign_in_first' => ['title' => 'Entre primero', 'detail' => 'Nadie ha entrado en esta tableta. Entre y envíelo otra vez; no se perdió nada.'],
    'somebody_else_is_signed_in' => ['title' => 'Ha entrado otra persona', 'detail' => 'Estos asientos esperan en la tableta hasta que quien los anotó vuelva a entrar.'],
    'wrong_password' => ['title' => 'Nombre y contraseña no van juntos', 'detail' => 'Nombre y contraseña no van juntos. Mire los dos y pruebe otra vez.'],
    'code_needed' => [
        'title' => 'Hace falta un código',
        'detail' => 'Escriba las seis cifras que muestra ahora su dispositivo, o uno de sus códigos de recuperación.',
    ],
    'wrong_code' => [
        'title' => 'El código no corresponde',
        'detail' => 'El código no corresponde. Escriba el que su dispositivo muestra ahora: cada uno abre una vez.',
    ],
    'too_many_codes' => [
        'title' => 'Demasiados códigos equivocados',
        'detail' => 'Espere una hora y pruebe otra vez, o pida a otro jefe una contraseña nueva.',
    ],
    'no_device_proposed' => [
        'title' => 'No hay dispositivo propuesto',
        'detail' => 'Empiece con su contraseña y luego lea el cuadrado con su dispositivo.',
    ],
    'second_factor_due' => [
        'title' => 'Configure primero el segundo factor',
        'detail' => 'Un jefe y un auditor muestran un código de un dispositivo además de la contraseña. '
            .'Configúrelo y siga.',
    ],
    'hire_begins_later' => [
        'title' => 'Este alquiler no ha empezado',
        'detail' => 'El folio :folio empieza más tarde: la máquina que va a salir se revisa. Cambie los días del '
                .'alquiler si la máquina ya salió.',
    ],
    'hire_conflicts' => [
        'title' => 'Algo lo impide',
        'detail' => 'Lea lo que impide :number y reserve sabiéndolo, o elija otros días u otra máquina.',
    ],
    'hire_has_begun' => [
        'title' => 'Ya ha empezado',
        'detail' => 'El folio :folio ha empezado o ha terminado: lo recorrido es de esta máquina y estos días. '
            .'Solo se puede mover el día de la vuelta, mientras está fuera.',
    ],
    'hire_is_contested' => [
        'title' => 'Dos reservas para :number',
        'detail' => 'Otra se hizo sin red para los mismos días (folio :folios). Las dos valen y ninguna sale '
            .'hasta que el jefe lo resuelva: otros días, otra máquina o una anulada.',
    ],
    'hire_is_cancelled' => [
        'title' => 'El alquiler está anulado',
        'detail' => 'El folio :folio se anuló. Reserve uno nuevo.',
    ],
    'hirer_known' => [
        'title' => '":name" ya está anotado',
        'detail' => '":name" ya está anotado. Elíjalo de la lista.',
    ],
    'hirers_one_already' => [
        'title' => ':name y :other ya son uno',
        'detail' => 'No hay nada que unir: :name y :other ya son un mismo cliente, o uno de los dos ya se '
            .'unió. Abra otra vez la lista de clientes.',
    ],
    'machine_has_left' => [
        'title' => 'Ha dejado la flota',
        'detail' => ':number ha dejado la flota. Su registro queda, y no se empieza nada nuevo con ella.',
    ],
    'machine_is_booked' => [
        'title' => 'Está reservada',
        'detail' => ':number está reservada en el folio :folio. Cambie la máquina o anúlelo antes.',
    ],
    'no_such_hour' => [
        'title' => 'El reloj nunca marca esta hora',
        'detail' => 'El reloj se adelanta por encima de :time. Elija una hora antes o después.',
    ],
    'number_taken' => [
        'title' => 'Este número está ocupado',
        'detail' => 'El número :number es de otra máquina. Cada una tiene el suyo.',
    ],
    'serial_taken' => [
        'title' => 'Este número de serie está ocupado',
        'detail' => 'El número de serie es el de :number. Lea otra vez la placa: cada máquina se anota una vez.',
    ],
    'unknown_hirer' => [
        'title' => 'No existe ese cliente',
        'detail' => 'El patio no tiene ningún cliente «:name». Escribe el nombre como está en la lista, o '
            .'introduce antes el cliente.',
    ],
    'unknown_machine' => [
        'title' => 'No existe esa máquina',
        'detail' => 'La flota no tiene ninguna máquina «:number». Escribe el número como está en la máquina, o '
            .'introduce antes la máquina.',
    ],
    'unknown_model' => [
        'title' => 'No hay tal modelo',
        'detail' => 'El catálogo no tiene el modelo ":model". Elija uno de la lista, o anote antes el modelo.',
    ],
    'yard_is_open' => [
        'title' => 'El patio ya está abierto',
        'detail' => 'Alguien ha abierto este patio. Entre, o pida a su jefe que le añada.',
    ],
    'too_many_labels' => [
        'title' => 'Demasiadas etiquetas',
        'detail' => 'Como máximo se imprimen :most a la vez. Elija una familia e imprima una tras otra.',
    ],
    'paper_ends_before_it_begins' => [
        'title' => 'El papel acaba antes de empezar',
        'detail' => 'El día en que acaba es anterior al de su emisión. Mire los dos.',
    ],
    'person_has_not_left' => [
        'title' => 'Sigue aquí',
        'detail' => ':name sigue aquí y lo asienta entrando en la tableta.',
    ],
    'tablet_not_enrolled' => ['title' => 'Esta tableta no está inscrita', 'detail' => 'Aquí un PIN no abre nada. Entre con su contraseña, o haga que el jefe de patio inscriba esta tableta.'],
    'pin_not_for_this_person' => ['title' => 'Sin PIN para este nombre', 'detail' => 'Entre con su contraseña: el PIN es para los de turno que eligieron uno, y nunca para un jefe.'],
    'wrong_pin' => ['title' => 'El PIN no corresponde', 'detail' => 'El PIN no corresponde. Quedan :left intentos; después solo lo abre la contraseña.'],
    'pin_locked' => ['title' => 'El PIN está bloqueado', 'detail' => 'Falló demasiadas veces. Entre con su contraseña; después el PIN vuelve a valer.'],
    'pin_digits' => ['title' => 'De cuatro a ocho dígitos', 'detail' => 'Elija de cuatro a ocho dígitos.'],
    'pin_too_easy' => ['title' => 'Demasiado fácil', 'detail' => 'Ningún dígito ni pareja repetidos, ninguna serie como 1234, ningún año.'],
    'password_too_short' => ['title' => 'Demasiado corta', 'detail' => 'Al menos :shortest caracteres. Unas cuantas palabras seguidas se recuerdan bien.'],
    'password_too_common' => ['title' => 'Demasiado común', 'detail' => 'Es una de las contraseñas que primero se prueban. Elija otra.'],
    'password_holds_the_name' => ['title' => 'Lleva el nombre', 'detail' => 'Elija una sin el nombre con que entra.'],
    'login_letters' => ['title' => 'Letras minúsculas', 'detail' => 'Empiece con una letra minúscula de la a a la z; después letras, dígitos, punto, guion.'],
    'login_taken' => ['title' => 'Ocupado', 'detail' => 'Alguien entra ya con este nombre. Elija otro.'],
    'initials_letters' => ['title' => 'Iniciales', 'detail' => 'De una a tres letras mayúsculas.'],
    'not_your_password' => ['title' => 'No es su contraseña', 'detail' => 'No es la contraseña con que entra. Pruebe otra vez.'],
    'too_often' => ['title' => 'Demasiados intentos', 'detail' => 'Espere :seconds s y pruebe otra vez.'],
    'too_large' => ['title' => 'El archivo es demasiado grande', 'detail' => 'Como máximo :megabytes MB. Haga la foto otra vez más pequeña.'],
    'not_yours_to_do' => ['title' => 'No le corresponde', 'detail' => 'Su función no lo permite. Pida al jefe de patio.'],
    'not_found' => ['title' => 'No se encuentra', 'detail' => 'En esta dirección no hay nada. Vuelva al día y ábralo desde allí.'],
    'wrong_method' => ['title' => 'Método equivocado', 'detail' => 'Esta dirección no admite ese tipo de petición.'],
    'page_expired' => ['title' => 'La página ha caducado', 'detail' => 'Cárguela otra vez y envíe de nuevo; lo anotado queda guardado.'],
    'refused' => ['title' => 'Rechazado', 'detail' => 'La petición no se tomó tal como se envió.'],
    'our_fault' => ['title' => 'Fallo nuestro', 'detail' => 'Algo se rompió de nuestro lado. Lo anotado queda en la tableta; pruebe otra vez.'],
    'rebuild_under_way' => [
        'title' => 'El patio se vuelve a montar',
        'detail' => 'Lo que leen las pantallas se hace de nuevo a partir del registro. No se pierde nada: lo '
            .'anotado queda en la tableta y se prueba otra vez en :seconds s.',
    ],
    'database_away' => ['title' => 'La base de datos del patio no responde', 'detail' => 'Se prueba otra vez en :seconds s. Lo anotado queda en la tableta hasta que se asiente.'],
    'not_json' => ['title' => 'No es JSON', 'detail' => 'El cuerpo tiene que ser un objeto JSON.'],
    'no_entries' => ['title' => 'Sin asientos', 'detail' => 'Envíe un objeto con una lista "entries" de 1 a :most asientos.'],
    'no_such_line' => ['title' => 'No hay tal línea en esta revisión', 'detail' => 'Esta revisión no tiene la línea ":line". Tome una del plan que se envió con ella.'],
    'no_such_currency' => [
        'title' => 'No hay tal moneda',
        'detail' => 'Elija una moneda de ISO 4217 que esté en uso, como EUR o GBP.',
    ],
    'other_currency' => [
        'title' => 'El patio cobra en otra moneda',
        'detail' => 'Este patio cobra en :currency. Abra la página de nuevo, o que el jefe lo diga en '
            .'Reglas de la casa.',
    ],
    'nothing_to_charge' => [
        'title' => 'Eso no cobra nada',
        'detail' => 'Escriba lo que se cobra, o deje el importe vacío.',
    ],
    'finer_than_the_coin' => [
        'title' => 'Eso nadie puede pagarlo',
        'detail' => 'Los importes en :currency tienen :places decimales. Escríbalo sin más.',
    ],
    'line_is_answered' => [
        'title' => 'Ya tiene respuesta',
        'detail' => '«:line» tiene respuesta, en una tableta o en una hoja que espera al jefe. '
            .'Cámbiela en la revisión.',
    ],
    'nobody_who_walks' => [
        'title' => 'Nadie que revise máquinas',
        'detail' => 'Elija a quien firmó la hoja: alguien de este patio que revise máquinas.',
    ],
    'sheet_ends_before_it_begins' => [
        'title' => 'La hoja acaba antes de empezar',
        'detail' => 'Mire las dos horas de la hoja.',
    ],
    'no_such_stage' => ['title' => 'No hay tal estado de la máquina', 'detail' => 'Esta revisión no tiene el estado ":stage".'],
    'no_such_step' => ['title' => 'No hay tal paso', 'detail' => 'La explicación de esta máquina no tiene el paso ":step".'],
    'no_such_finding' => ['title' => 'No hay tal hallazgo en esta máquina', 'detail' => 'El hallazgo no está en esta máquina, o fue tachado.'],
    'state_first' => ['title' => 'Primero el estado', 'detail' => 'Confirme el estado de la máquina antes de leer nada.'],
    'lines_not_confirmed' => ['title' => 'Faltan líneas por confirmar', 'detail' => 'Por confirmar: :lines'],
    'state_is_blocked' => ['title' => 'Todavía no', 'detail' => ':stage tiene que esperar hasta que estén conformes: :lines.'],
    'not_carried' => ['title' => 'No vale desde la ronda de vuelta', 'detail' => '«:title» ya tiene respuesta, o algo le pasó a la máquina desde entonces. Míralo y responde.'],
    'affirmed_elsewhere' => ['title' => 'La máquina está en otro estado', 'detail' => '«:title» se confirma donde se mira. Lleva antes la máquina a ese estado.'],
    'read_the_instrument' => ['title' => 'Esto es un instrumento', 'detail' => 'Léalo: ":title" pide una cifra, no una mirada.'],
    'do_the_test' => ['title' => 'Esto es una prueba de funcionamiento', 'detail' => 'Haga uno a uno los pasos de ":title".'],
    'not_a_test' => ['title' => 'Esto no es una prueba de funcionamiento', 'detail' => '":title" no tiene pasos. Respóndala a la vista, o lea su instrumento.'],
    'test_nothing_observed' => ['title' => 'Diga qué se observó', 'detail' => 'Diga con palabras cómo respondió la máquina; por ahí empieza el mecánico.'],
    'test_too_many_steps' => ['title' => 'Más pasos que la prueba', 'detail' => '":title" tiene :count pasos. Abra otra vez la revisión y haga la prueba de nuevo.'],
    'test_went_on' => ['title' => 'La prueba acaba en el paso que falla', 'detail' => 'No se prueba nada después de un paso que no respondió como se espera. Asiente ":title" hasta ese paso.'],
    'test_held_too_short' => ['title' => 'Soltado demasiado pronto', 'detail' => 'Un paso de ":title" no se mantuvo lo que pide la prueba. Repita ese paso.'],
    'test_no_reason' => ['title' => 'Diga por qué se interrumpió', 'detail' => 'No se hicieron los :count pasos de ":title". Diga por qué; la línea queda abierta y se empieza otra vez.'],
    'test_nothing_left' => ['title' => 'La prueba llegó a su fin', 'detail' => 'Todos los pasos de ":title" están respondidos. Asiéntela como está.'],
    'no_figure' => ['title' => 'Falta una cifra', 'detail' => 'Ponga el instrumento, o escriba lo que muestra.'],
    'points_missing' => ['title' => 'No se leyeron todos los puntos', 'detail' => 'Se lee en :count puntos y llegaron :given. Lea los demás, o diga por qué no se puede.'],
    'say_how_it_went' => ['title' => 'Diga cómo fue', 'detail' => 'La cifra sola no dice nada. Elija una de: :looks.'],
    'compare_the_paper' => ['title' => 'Esto se compara, no se mira', 'detail' => 'Escriba lo que pone: ":title" se compara con el alquiler y el registro.'],
    'not_a_paper' => ['title' => 'Aquí no se compara nada', 'detail' => '":title" no lleva fecha ni serie.'],
    'no_such_day' => ['title' => 'Ese día no existe o aún no llegó', 'detail' => 'Lea otra vez el día, ":date" no puede estar en el papel: año, mes, día.'],
    'paper_needs_date' => ['title' => 'Falta una fecha', 'detail' => 'Ponga el día que figura en el papel o en la etiqueta.'],
    'paper_needs_hours' => ['title' => 'Faltan las horas', 'detail' => 'Ponga las horas del contador que figuran junto a la fecha.'],
    'paper_needs_serial' => ['title' => 'Falta la serie', 'detail' => 'Escriba la serie como está en la placa.'],
    'stop_does_not_vanish' => ['title' => 'Lo que para una máquina no desaparece', 'detail' => 'El hallazgo :number está graduado como parar. Se va con una reparación registrada; mire otra vez, o que el jefe lo baje con un motivo.'],
    'read_the_dashboard' => ['title' => 'Se anotan testigos y códigos', 'detail' => 'Diga qué testigos están encendidos y qué códigos activos en ":title", o que no hay ninguno.'],
    'not_a_dashboard' => ['title' => 'Aquí no se piden testigos', 'detail' => '":title" no lleva testigos ni códigos.'],
    'no_such_code' => ['title' => 'Ninguna máquina muestra este código', 'detail' => 'SPN :spn, FMI :fmi: el SPN va de 0 a 524287, el FMI de 0 a 21 y 31. Lea otra vez la pantalla.'],
    'not_qualified' => ['title' => 'Sin cualificación para esta máquina', 'detail' => 'De :name no hay nada registrado para: :qualification. La registra el jefe, o sigue alguien cualificado.'],
    'qualification_ran_out' => ['title' => 'La cualificación ha caducado', 'detail' => ':name estuvo cualificado hasta el :date para: :qualification. Sigue otra persona hasta que se renueve.'],
    'not_ones_own_qualification' => ['title' => 'No para uno mismo', 'detail' => 'Que otro jefe registre su propia cualificación.'],
    'second_person_missing' => ['title' => 'Aquí nadie está solo', 'detail' => 'Nombre a quien acompaña en ":stage"; le ve y puede bajarle o pararle.'],
    'second_person_is_the_first' => ['title' => 'La segunda persona es otra', 'detail' => 'Nombre a otra persona para ":stage": quien maneja la máquina no puede acompañar.'],
    'second_person_unknown' => ['title' => 'Esta persona no puede acompañar', 'detail' => 'Nombre a alguien que trabaje en el patio.'],
    'say_why_not' => ['title' => 'Diga por qué', 'detail' => 'Diga por qué ":title" no se puede decir; la línea queda abierta.'],
    'not_put_right_here' => ['title' => 'Esto no se corrige sobre la marcha', 'detail' => 'Diga "No es así" en ":title", haga que lo reparen y anote la reparación.'],
    'part_is_fitted' => ['title' => 'La máquina lleva esta pieza', 'detail' => 'El modelo la tiene y puede parar la máquina: si en ":title" no hay nada que mirar, responda "No es así".'],
    'say_how_it_is_known' => ['title' => 'Diga cómo lo sabe', 'detail' => 'Diga por qué ":title" no está en esta máquina: el responsable verá si el modelo lo lleva.'],
    'no_such_question' => ['title' => 'Esto ya está resuelto', 'detail' => 'Cargue la página de nuevo: alguien lo respondió o se tachó la respuesta.'],
    'proof_has_ended' => [
        'title' => 'No se le entrega',
        'detail' => '":title": lo que muestra ha caducado. '
            .'Entréguela a alguien con la prueba vigente, o no la entregue.',
    ],
    'gate_is_shut' => ['title' => 'Todavía no se entrega', 'detail' => '":title" no está confirmado. Confírmelo o no entregue la máquina para su uso.'],
    'gate_wants_number' => ['title' => 'Todavía no se entrega', 'detail' => '":title" pide el número de lo que vio. Anótelo o no entregue la máquina para su uso.'],
    'not_an_instrument' => ['title' => 'No es un instrumento', 'detail' => '":title" se responde a la vista.'],
    'wrong_unit' => ['title' => 'Unidad equivocada', 'detail' => 'Este instrumento se lee en :unit.'],
    'off_the_scale' => ['title' => 'Fuera de la escala', 'detail' => 'El instrumento muestra de :low a :high :unit. Léalo otra vez.'],
    'unknown_look' => ['title' => 'Aspecto desconocido', 'detail' => 'Tome uno de: :looks.'],
    'plate_needs_picture' => [
        'title' => 'Falta una foto',
        'detail' => 'Haga una foto de la placa: es lo que se guarda de ella.',
    ],
    'photo_not_here' => ['title' => 'La foto no ha llegado', 'detail' => 'Envíe primero la foto, después el asiento que la nombra.'],
    'meter_needs_confirming' => [
        'title' => 'El contador contradice la última lectura',
        'detail' => 'Mire otra vez. Si es así, asiéntelo con una foto y un motivo; queda en disputa hasta que '
            .'se aclare.',
        'photo' => 'Haga una foto del contador.',
        'reason' => 'Diga en pocas palabras por qué es así, por ejemplo: contador cambiado.',
    ],
    'piece_does_not_follow' => ['title' => 'El trozo no sigue', 'detail' => 'Siga en el byte :offset.'],
    'piece_has_wrong_size' => ['title' => 'El trozo tiene mal tamaño', 'detail' => 'Un trozo tiene de 1 a :most bytes, y todos no más de lo dicho.'],
    'not_a_picture' => ['title' => 'No es una foto', 'detail' => 'Envíe una imagen JPEG, PNG o WebP.'],
    'too_many_pixels' => ['title' => 'Demasiados píxeles', 'detail' => 'Como máximo :megapixels megapíxeles. Hágala más pequeña.'],
    'unknown_finding_kind' => ['title' => 'Tipo de hallazgo desconocido', 'detail' => 'Tome uno de los tipos del plan.'],
    'degree_missing' => ['title' => 'Diga qué grado tiene', 'detail' => ':kind pide uno de: :degrees.'],
    'only_the_lead_lowers' => ['title' => 'Solo el jefe puede bajarlo', 'detail' => 'Por regla esto es ":severity". Puede subirlo; bajarlo es del jefe de patio, con un motivo.'],
    'lowering_needs_a_reason' => ['title' => 'Bajarlo pide un motivo', 'detail' => 'Diga por qué es menos grave de lo que dice la regla.'],
    'found_on_this_walk' => ['title' => 'Hallado en esta revisión', 'detail' => 'Este hallazgo es de esta misma revisión. Táchelo y colóquelo otra vez si está mal.'],
    'nothing_to_strike' => ['title' => 'Nada que tachar', 'detail' => 'Nombre una respuesta, una lectura o un hallazgo de esta revisión que haya que tachar.'],
    'struck_already' => ['title' => 'Ya tachado', 'detail' => 'Alguien tachó antes este asiento.'],
    'strike_your_own' => ['title' => 'No es su asiento', 'detail' => 'Solo puede tacharlo quien lo asentó, o el jefe.'],
    'not_the_decision' => ['title' => 'No es la decisión', 'detail' => 'La revisión dice: :decision. Lo impide: :grounds.'],
    'hang_the_tag' => ['title' => 'Cuelgue la etiqueta', 'detail' => 'Una máquina se retira colgando una etiqueta, con un motivo.'],
    'only_the_lead_releases_with_conditions' => ['title' => 'Solo el jefe', 'detail' => 'Solo el jefe de patio puede liberar con condiciones.'],
    'conditions_missing' => ['title' => 'Faltan condiciones', 'detail' => 'Cada una de estas pide una condición: :grounds.'],
    'tagged_already' => ['title' => 'Ya tiene etiqueta', 'detail' => 'En esta máquina cuelga una etiqueta.'],
    'tag_hangs' => ['title' => 'Cuelga una etiqueta', 'detail' => ':number está retirada. No puede salir hasta que se quite la etiqueta.'],
    'not_out_yet' => ['title' => 'No está fuera', 'detail' => ':number no está fuera en este alquiler, así que no hay nada que devolver.'],
    'hire_ends_before_it_begins' => [
        'title' => 'El alquiler termina antes de empezar',
        'detail' => 'Vuelve antes de salir. Revise las dos horas.',
    ],
    'hirer_is_known' => [
        'title' => 'Se sabe quién alquiló',
        'detail' => 'El folio :folio tiene su cliente. Solo una máquina que volvió sin alquiler lo recibe '
            .'después.',
    ],
    'replaced_before' => [
        'title' => 'Ya se sustituyó',
        'detail' => 'El folio :folio sigue como folio :next. Cambie ese.',
    ],
    'same_machine' => [
        'title' => 'La misma máquina',
        'detail' => ':number está fuera con este alquiler. Elija otra máquina.',
    ],
    'on_another_folio' => ['title' => 'En otro folio', 'detail' => ':number sigue en el folio :folio. Ciérrelo antes.'],
    'no_such_school' => ['title' => 'No hay tal opción', 'detail' => 'Esta regla admite una de: :choices.'],
    'model_not_complete' => ['title' => 'Aún sin guardar', 'detail' => 'No se pierde nada: mire lo marcado, :count en total, y guárdelo otra vez.'],
    'model_of_the_catalogue' => ['title' => 'No es un modelo del patio', 'detail' => 'Este modelo vino con el catálogo y se corrige en su archivo. Aquí se corrige un modelo del patio.'],
    'table_lacks_columns' => [
        'title' => 'Faltan columnas',
        'detail' => 'A la cabecera de la tabla le faltan: :columns. No se tomó nada. Nómbrelas como en la '
            .'tabla que se puede descargar, o indique qué columna es cuál donde se pregunta.',
    ],
    'table_has_strange_columns' => [
        'title' => 'Columnas que nada lee',
        'detail' => 'La cabecera de la tabla tiene: :columns. No se tomó nada, para no perder ninguna cifra. '
            .'Quite estas columnas o corrija sus nombres, o indique qué columna es cuál donde se '
            .'pregunta.',
    ],
    'table_has_no_such_column' => [
        'title' => 'No existe esa columna',
        'detail' => 'La tabla no tiene lugar para :columns como se indicó, o un lugar se indicó dos veces. No'
            .' se tomó nada. Revise las columnas.',
    ],
    'table_is_empty' => ['title' => 'Sin filas', 'detail' => 'Bajo la cabecera no hay nada. No se tomó nada.'],
    'key_is_yours' => ['title' => 'La revisión ya es suya', 'detail' => 'Usted tiene la llave de esta revisión. No hay a quién tomársela.'],
    'walks_along_already' => ['title' => 'Ya la revisa', 'detail' => 'Sus puestos llevan sus iniciales.'],
    'does_not_walk_along' => ['title' => 'No revisa esta', 'detail' => 'No hay nada que dejar. Únase primero, si quiere una parte.'],
    'last_on_the_walk' => ['title' => 'Nadie más la revisa', 'detail' => 'La última persona no deja sola una revisión. Páusela, y espera en esta línea.'],
    'look_at_it_alone' => ['title' => 'No junto con otras', 'detail' => '":title" puede parar la máquina, o se lee. Mírela sola y respóndala allí.'],
    'no_tag_hangs' => ['title' => 'No cuelga etiqueta', 'detail' => 'En esta máquina no hay etiqueta.'],
    'tag_of_another_walk' => ['title' => 'Etiqueta de otra revisión', 'detail' => 'La etiqueta :number se colgó en otra revisión de esta máquina. Registre allí la reparación y quite allí la etiqueta.'],
    'repaired_already' => ['title' => 'Ya reparada', 'detail' => ':name registró una reparación bajo esta etiqueta. Primero se mira lo que ella hizo necesario; registre otra cuando algo la pare de nuevo.'],
    'tag_forbids_power' => ['title' => 'Cuelga una etiqueta', 'detail' => 'La etiqueta :number cuelga de ella: sin energía antes de registrar una reparación. Se puede asegurar y mirar.'],
    'tag_stays_not_repaired' => ['title' => 'La etiqueta se queda', 'detail' => 'Aún no hay reparación registrada.'],
    'tag_stays_repaired_by_the_same' => ['title' => 'La etiqueta se queda', 'detail' => 'Quien reparó no quita la etiqueta. Lo hace otra persona cualificada o el jefe.'],
    'tag_stays_something_stops' => ['title' => 'La etiqueta se queda', 'detail' => 'Todavía la para: :lines.'],
    'tag_stays_lines_are_due' => ['title' => 'La etiqueta se queda', 'detail' => ':count líneas se piden otra vez tras la reparación: :lines.'],
    'rules_contradict' => ['title' => 'Dos reglas se contradicen', 'detail' => 'La regla queda como estaba, a causa de ":other": :because'],
    'rule_leaves_no_safe_order' => ['title' => 'Sin orden seguro', 'detail' => 'La regla queda como estaba. Con esta elección: :faults'],
    'nothing_out_yet' => ['title' => 'Aún no salió nada', 'detail' => 'El asiento de salida de este alquiler no se ha abierto.'],
    'id_already_used' => ['title' => 'Identificador ya usado', 'detail' => 'Otro asiento tiene el identificador :id. Asiente este con uno nuevo.'],
    'clock_runs_ahead' => ['title' => 'El reloj de esta tableta va adelantado', 'detail' => 'La hora del asiento está en el futuro. Ponga el reloj en hora y asiéntelo otra vez.'],
    'walk_is_over' => ['title' => 'Esta revisión terminó', 'detail' => 'La máquina salió o el alquiler está cerrado; ya no se asienta nada en esta revisión.'],
    'release_first' => ['title' => 'Sin liberar', 'detail' => 'La máquina tiene que liberarse antes de entregarla.'],
    'second_not_confirmed' => ['title' => 'La segunda persona no lo ha confirmado', 'detail' => ':name lo confirma con su PIN en una tableta registrada, con su contraseña en otra, o dice en su propia tableta que está presente.'],
    'second_secret_wrong' => ['title' => 'No es el PIN ni la contraseña de :name', 'detail' => ':name lo introduce de nuevo; quedan :left intentos.'],
    'second_locked' => ['title' => 'Bloqueado tras cinco intentos', 'detail' => ':name entra una vez con su contraseña, o está presente otra persona.'],
    'stop_needs_a_reason' => ['title' => 'Diga qué fallaba en la respuesta anterior', 'detail' => '":title" dice parar. Diga por qué ya no es así; lo reparado se anota como reparación.'],
    'stop_needs_another' => ['title' => 'No a solas', 'detail' => 'Una parada la levanta el encargado, o junto con otra persona cualificada que lo confirma.'],
    'stop_stands' => [
        'title' => 'Algo detiene la :number',
        'detail' => 'Algo detiene la :number, o está en revisión. Resuélvalo primero: nada sale por encima de un alto '
                .'por decir que ya salió.',
    ],
    'stop_was_relied_on' => ['title' => 'Tarde para tacharlo', 'detail' => 'Después de esta parada se entró en un estado o se tomó una decisión. Ponga la etiqueta, que se revise la máquina y quítela.'],
    'release_is_void' => ['title' => 'La liberación ya no vale', 'detail' => 'Después de liberarla se anotó algo que retiene la máquina. Decida de nuevo.'],
    'release_does_not_hold' => ['title' => 'No puede salir', 'detail' => '":ground" retiene la máquina ahora. Decida de nuevo.'],
    'before_the_opening' => ['title' => 'Antes de abrir la revisión', 'detail' => 'La entrada dice que ocurrió antes de abrir esta revisión. Revise el reloj de la tableta; lo anotado queda en ella.'],
    'opening_too_early' => ['title' => 'No pudo abrirse entonces', 'detail' => 'Una revisión se abre después de la última entrada de su máquina y hace como mucho :days días. Revise el reloj de la tableta o avise al encargado.'],
    'nothing_in_doubt' => ['title' => 'Nada en duda', 'detail' => 'Estas entradas no están en duda, o alguien las resolvió antes.'],
    'rule_says_no' => ['title' => 'Esto no puede ser', 'detail' => ':why'],
    'not_gone' => ['title' => 'No se ha ido', 'detail' => 'La máquina está liberada, fuera o de vuelta: nada que avisar ni que resolver.'],
    'gone_settle_first' => ['title' => 'Resuelva antes su salida', 'detail' => 'La máquina salió sin liberarse. El encargado dice si volvió o se queda fuera.'],
    'asked_back' => ['title' => 'Faltan preguntas por contestar', 'detail' => 'Quedan :left. Pregunte: :question'],
    'no_such_answer' => [
        'title' => 'Eso no lo pregunta nadie',
        'detail' => 'Esta pregunta o respuesta no es de esta máquina. Abra la entrega de nuevo.',
    ],
    'briefing_too_short' => [
        'title' => 'Tienen que oír más que eso',
        'detail' => 'Este cliente no ha firmado hace poco por una máquina así. '
            .'Muestre la charla más larga y firme otra vez: nada de lo anotado se pierde.',
    ],
    'steps_not_shown' => ['title' => 'Faltan pasos por mostrar', 'detail' => 'Quedan :left pasos por mostrar antes de que nadie firme.'],
    'balances_already' => ['title' => 'Nada que explicar', 'detail' => 'La línea ":line" cuadra o ya está explicada.'],
    'return_walk_first' => ['title' => 'Termine la revisión de vuelta', 'detail' => 'El alquiler se cierra cuando la revisión de vuelta tiene su decisión.'],
    'does_not_balance' => ['title' => 'No cuadra', 'detail' => ':count líneas no cuadran. Diga de cada una por qué y cierre después.'],
    'not_posted_here' => ['title' => 'Esto va en otro sitio', 'detail' => 'Un apunte de tipo :kind no se anota aquí. Anótelo en la revisión, el alquiler o la máquina a que se refiere.'],
    'newer_than_the_yard' => ['title' => 'La tableta es más nueva que el parque', 'detail' => 'La tableta conoce una forma de :kind que el parque aún no conoce. Consérvelo; se envía cuando el parque esté al día.'],
    'not_in_the_yard' => ['title' => ':number no está en el parque', 'detail' => 'Está fuera: se coloca en una plaza cuando vuelva.'],
    'old_meter_contradicted' => ['title' => 'El horómetro viejo no pudo marcar eso', 'detail' => 'En la última lectura marcaba :last h, y no puede haber sumado más horas de las que han pasado. Mírelo otra vez, o diga que no se puede leer; entonces cuenta hasta su última lectura conocida.'],
    'not_on_the_meter' => ['title' => 'Este horómetro no marca eso', 'detail' => 'Tiene :digits cifras y :decimals tras la coma. Léalo otra vez, cifra a cifra.'],
    'no_fluid_there' => ['title' => 'Ahí no se rellena nada', 'detail' => ':number no tiene fluido en esta línea. Elija la línea que lee su nivel.'],
    'meter_contradicts' => [
        'title' => 'El horómetro no pudo marcar eso',
        'detail' => ':why Léelo otra vez. Si se puso otro horómetro, díselo antes.',
        'later' => 'Después marcó :hours h.',
    ],
    'day_to_come' => [
        'title' => 'Ese día aún no ha llegado',
        'detail' => ':day todavía no ha llegado. Lo hecho se cuenta después.',
    ],
    'limits_refused' => [
        'title' => 'Estos límites no se pueden calcular',
        'detail' => ':why',
    ],
    'no_such_sheet' => [
        'title' => 'No hay tal hoja',
        'detail' => 'Elija una de las hojas de la máquina. «:sheet» no es una.',
    ],
    'no_such_site_question' => [
        'title' => 'No hay tal pregunta sobre el lugar',
        'detail' => 'Quite «:question», o cargue la página de nuevo. Conocidas: :known.',
    ],
    'no_such_thing' => [
        'title' => 'Esto no se entrega con esta máquina',
        'detail' => 'Quite «:thing», o cargue la página de nuevo. Conocidas: :known.',
    ],
    'thing_not_handed' => [
        'title' => 'Esto no se entregó',
        'detail' => '«:thing» no está en este alquiler. Cuéntelo primero a la salida si se llevó, o quítelo.',
    ],
    'things_are_back' => [
        'title' => 'Lo que se llevó ya está contado a la vuelta',
        'detail' => 'En este alquiler ya no se cuenta nada a la salida. Lo olvidado va en la explicación de su línea.',
    ],
    'no_such_operator_category' => [
        'title' => 'No hay tal categoría de operadores',
        'detail' => 'Elija una de las categorías de la página. «:category» no es una.',
    ],
    'operator_not_evaluated' => [
        'title' => 'El operador no está evaluado para esto',
        'detail' => 'El parque entrega «:category» solo a quien consta con este número y tiene evaluadas '
            .'inspección y práctica dentro del plazo. Regístrelo, o que la maneje otra persona.',
    ],
    'chart_is_no_area' => ['title' => 'El diagrama no encierra nada', 'detail' => ':why'],
    'no_such_service_point' => [
        'title' => 'No hay tal punto de servicio',
        'detail' => ':number no tiene ese punto. Elige uno de su lista.',
    ],
    'service_is_recorded' => [
        'title' => 'Ya está anotado',
        'detail' => ':point: :name lo anotó para :day. Nada se escribió dos veces.',
    ],
    'too_many_hours' => [
        'title' => 'La máquina no ha trabajado tanto',
        'detail' => ':hours h no puede ser: el horómetro marca :known h. Léelo otra vez, o deja las horas en blanco.',
    ],
    'interval_is_nothing' => [
        'title' => 'Un intervalo de nada',
        'detail' => 'Lo que vuelve después de nada tocaría siempre. Escribe horas, meses o días.',
    ],
    'day_is_past' => ['title' => 'Ese día ya pasó', 'detail' => ':day ya pasó. Elija hoy o un día por venir.'],
    'is_fitted_already' => ['title' => 'Nada cambió en :number', 'detail' => 'Ya lleva esto: :fitted.'],
    'stands_there_already' => ['title' => ':number ya está ahí', 'detail' => 'Ya está en :bay; no se ha cambiado nada.'],
    'recorded_too_early' => ['title' => 'Hace demasiado tiempo', 'detail' => 'Un apunte tiene como mucho :days días cuando llega. Revise el reloj de la tableta o avise al encargado.'],
    'walk_given_back' => ['title' => 'Esta revisión se devolvió', 'detail' => 'Abra de nuevo la revisión de esta máquina desde el día; en esta no se anotó nada.'],
    'something_is_answered' => ['title' => 'Ya hay algo anotado', 'detail' => 'Una revisión se devuelve mientras no haya nada respondido. Tómela usted o termínela.'],
    'bad_cursor' => ['title' => 'La lista no sigue por ahí', 'detail' => 'Empiece la lista de nuevo y siga con el cursor que dio su última página.'],
    'not_from_the_page' => ['title' => 'No viene de una página de este parque', 'detail' => 'Abra la dirección del parque en un navegador e inicie sesión allí. Un programa dice en Origin de dónde viene.'],
    'pictures_wait' => ['title' => 'Hay otras fotos delante', 'detail' => 'Llegan varias fotos a la vez. Esta queda en la tableta y se envía de nuevo enseguida.'],
    'not_ones_own_account' => ['title' => 'Esa es su propia cuenta', 'detail' => 'La cambia otra persona que dirija el parque. Su contraseña la cambia usted en su nombre.'],
    'not_plain_text' => ['title' => 'No es un nombre simple', 'detail' => 'Un nombre es una línea de letras, cifras y signos que se ven. Escríbalo de nuevo en vez de pegarlo.'],
    'hire_is_not_out' => [
        'title' => 'La máquina no está fuera en este alquiler',
        'detail' => 'Aún no se ha entregado, o ya ha vuelto. Llame a la base.',
    ],
    'link_ended' => [
        'title' => 'Este enlace ha terminado',
        'detail' => 'La base lo ha retirado, o el alquiler acabó hace mucho. Pida uno nuevo.',
    ],
    'link_missing' => [
        'title' => 'Hace falta un enlace',
        'detail' => 'Abra la página con el enlace entero o con el cuadro que le dio la base.',
    ],
    'mail_not_sent' => [
        'title' => 'El correo no se ha enviado',
        'detail' => 'El servidor de correo no lo aceptó. La ficha y el enlace siguen valiendo; inténtelo de '
            .'nuevo o deje leer el cuadro aquí.',
    ],
    'mail_nowhere' => [
        'title' => 'No hay servidor de correo',
        'detail' => 'Indique en la configuración qué servidor usa la base; hasta entonces imprima la ficha y '
            .'deje leer el cuadro.',
    ],
    'no_such_duty' => [
        'title' => 'No está en la lista diaria',
        'detail' => 'No es un punto que haga el cliente en esta máquina. Vuelva a cargar la página.',
    ],
    'no_such_report' => [
        'title' => 'No existe ese aviso',
        'detail' => 'Ya está resuelto, o es de otro alquiler. Vuelva a cargar la página.',
    ],
    'reports_open' => [
        'title' => 'El cliente comunicó una avería',
        'detail' => 'Lo que comunicó el cliente no está resuelto (:count). Mírelo en la máquina, resuélvalo y cierre.',
    ],
    'too_many_reports' => [
        'title' => 'Hay muchos avisos abiertos',
        'detail' => 'La base tiene :most avisos de este alquiler sin resolver. Llame a la base.',
    ],
    'sign_first' => [
        'title' => 'Falta la primera firma',
        'detail' => 'Firma primero quien recibe la máquina; luego los demás.',
    ],
    'signed_already' => [
        'title' => ':name ya ha firmado',
        'detail' => 'Una firma por persona. Mire el nombre.',
    ],
    'too_many_signed' => [
        'title' => 'Más de :most personas',
        'detail' => 'A tantas personas no se las instruye en una máquina. Entréguela por grupos.',
    ],
    'not_a_signature' => [
        'title' => 'Aún no hay firma',
        'detail' => 'Un punto no es una firma. Firme a lo ancho del campo, con lápiz, dedo o ratón.',
    ],
    'none_without_proof' => [
        'title' => 'Sin prueba no hay máquina',
        'detail' => 'La regla de esta base no deja llevársela sin prueba. Pida el carné, o a alguien que lo tenga.',
    ],
    'only_the_lead_without_proof' => [
        'title' => 'Solo el jefe la deja ir',
        'detail' => 'Sin prueba la entrega el jefe y dice por qué. Pregunte al jefe.',
    ],
];
