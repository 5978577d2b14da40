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
    'order_page' => 'Pedido {number}: dónde está',
    'why' => 'Recibe este correo porque ha comprado en nuestra tienda: pedido {number}.',
    'thanks' => [
        'subject' => 'Pedido {number} en {shop}: gracias',
        'heading' => 'Gracias, {name}',
        'words' => 'Está pagado, {total}, y va a quien lo embala.',
    ],
    'posted' => [
        'subject' => 'El pedido {number} de {shop} está en camino',
        'heading' => 'Está en camino, {name}',
        'words' => 'Se ha enviado un paquete de su pedido.',
        'tracking' => 'Va con {carrier}, número {number}.',
    ],
    'refunded' => [
        'subject' => 'Pedido {number} en {shop}: su dinero está de vuelta',
        'heading' => 'Su dinero está de vuelta, {name}',
        'words' => '{total} volvieron por donde vinieron. Los artículos no se pudieron enviar; lo sentimos.',
    ],
];
