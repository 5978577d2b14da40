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
        'words' => '{total} volvieron por donde vinieron.',
    ],
    'late' => [
        'subject' => 'El pedido {number} en {shop} tarda más',
        'heading' => 'Tarda más, {name}',
        'words' => 'Un paquete de su pedido aún no ha llegado el día que le dijimos, o no llegará. Lo sentimos y '
            .'lo seguimos por usted.',
        'by' => 'Los paquetes que iban como este llegaron casi siempre antes de {day}.',
    ],
    'there' => [
        'subject' => 'El pedido {number} en {shop} ha llegado',
        'heading' => 'Ha llegado, {name}',
        'words' => 'El transportista dice que un paquete de su pedido ha llegado. ¿Algo no está bien? Responda a '
            .'esta carta.',
    ],
    'said' => [
        'subject' => '¿Qué dice del pedido {number} de {shop}?',
        'heading' => '¿Qué tal es, {name}?',
        'words' => 'Ya lo tiene desde hace un tiempo. A otros les gustaría saber: ¿es como pensaba?',
        'leads' => 'Diga lo que piensa',
    ],
    'asked' => [
        'subject' => 'Su pregunta sobre {goods}',
        'you' => 'Usted preguntó:',
        'answer' => '{shop} responde:',
        'why' => 'Su dirección ya no se guarda.',
    ],
    'code' => [
        'subject' => 'Su código en {shop}',
        'words' => 'Su código es {code}. Escríbalo en la cesta; sirve una sola vez.',
        'stop' => 'No más correo:',
    ],
    'opened' => ['subject' => '{shop} está abierta', 'words' => '{shop} ya está abierta. Quería que le avisáramos.'],
    'back' => ['subject' => '{goods} ha vuelto', 'words' => '{goods} se puede comprar de nuevo.', 'why' => 'Quiso que se le avisara una vez. Su dirección ya no se guarda.'],
    'returned' => [
        'subject' => 'Pedido {number} en {shop}: su devolución',
        'heading' => 'Sobre su devolución, {name}',
    ],
];
