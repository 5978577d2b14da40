<?php

declare(strict_types=1);

return [
    'hello' => 'Hola, {name}:',
    'answer' => ['subject' => '{shop} le responde'],
    'left' => [
        'subject' => 'Su cesta en {shop}',
        'kept' => 'Está guardada aquí: {link}',
        'why' => 'Al pagar dijo que podemos escribirle. Le recordamos esta cesta una sola vez. Para no recibir más correo nuestro: '
            .'{stop}',
    ],
];
