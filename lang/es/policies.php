<?php

declare(strict_types=1);

return [
    'years' => '{count, plural, one {# año} other {# años}}',
    'blanks' => [
        'trader' => 'quién lleva la tienda',
        'street' => 'calle',
        'town' => 'localidad',
        'postcode' => 'código postal',
        'email' => 'adónde escriben los compradores',
        'return_days' => 'días para devolver',
        'return_by' => 'quién paga la devolución',
        'keep_years' => 'años que se guardan los pedidos',
    ],
    'delivery' => [
        'where' => 'Enviamos a: {places}.',
        'depends' => 'Lo que cuesta el envío depende de lo que compre. La cesta lo dice antes de pagar.',
        'free' => 'El envío es gratis.',
        'flat' => 'El envío cuesta {charge} por pedido, compre lo que compre.',
        'free_over' => 'El envío cuesta {charge} por pedido, y nada desde {over}.',
        'days' => 'Plazo de entrega de un pedido: {days}. Cada página dice cuánto tarda su artículo.',
        'from' => 'Los artículos se envían desde donde están: {places}. Lo que está en lugares distintos llega en paquetes '
            .'separados.',
        'printed' => 'Los artículos impresos se hacen cuando los pide; eso es parte del plazo que dice cada página.',
        'late' => 'Si algo no ha llegado en {days, plural, one {# día laborable} other {# días laborables}}, escriba a {email}: lo '
            .'enviamos de nuevo o le devolvemos el dinero.',
    ],
    'returns' => [
        'period' => 'Puede devolver las cosas hasta {return_days} después de recibirlas, sin decir por qué.',
        'how' => 'Escriba primero a {email}, y le decimos adónde va.',
        'pays' => '{return_by}',
        'by' => [
            'shopper' => 'La devolución la paga usted, salvo que esté roto o no sea lo pedido.',
            'stall' => 'La devolución la pagamos nosotros.',
        ],
        'refund' => 'Devolvemos lo que pagó dentro de los {days} días después de tenerlo de vuelta, con el envío sencillo incluido '
            .'cuando vuelve un pedido entero.',
        'faulty' => 'Lo que llega roto o no es lo pedido lo arreglamos nosotros: enviamos otro o le devolvemos el dinero, y usted no '
            .'paga el porte.',
        'law' => 'Todo esto se suma a los derechos que le da la ley.',
    ],
    'privacy' => [
        'who' => '{trader}, {street}, {postcode} {town}, {country}, responde de lo que se guarda sobre usted. Escriba a {email}.',
        'orders' => 'Para enviar su pedido guardamos su nombre, dirección, correo y lo que compró, durante {keep_years}, como nos pide '
            .'Hacienda.',
        'orders_and_phone' => 'Para enviar su pedido guardamos su nombre, dirección, correo, su teléfono donde se pide, y lo que compró, durante '
            .'{keep_years}, como nos pide Hacienda.',
        'suppliers' => 'Su nombre y dirección van a quien envía su paquete ({places}) y al transportista, para nada más.',
        'payment' => 'Usted paga en la página de un servicio de pago; nunca vemos su tarjeta.',
        'cookies' => 'Una cookie recuerda su cesta. Nadie le sigue aquí, así que no hay nada que aceptar.',
        'cookies_and_language' => 'Una cookie recuerda su cesta, otra el idioma que lee. Nadie le sigue aquí, así que no hay nada que aceptar.',
        'cookies_alone' => 'Una cookie recuerda su cesta.',
        'cookies_and_language_alone' => 'Una cookie recuerda su cesta, otra el idioma que lee.',
        'scripts' => 'Junto a nuestras páginas pueden funcionar scripts de otros: {names}. Donde la ley lo pide, solo si usted acepta; '
            .'una cookie lo recuerda medio año. Ven en qué página está, y nada de lo que escribe. Puede cambiar de opinión en '
            .'cualquier momento en la página «Qué más funciona aquí».',
        'grown_up' => 'Algunos artículos son solo para adultos. Una cookie recuerda que lo ha dicho; solo lo sabemos nosotros, con un pedido.',
        'halves' => 'De algunas páginas hay ahora dos versiones. Una cookie recuerda cuál ve usted, al azar; un pedido dice cuál fue, y no se guarda '
            .'nada más.',
        'letters' => 'Si se apunta a nuestras cartas, guardamos su correo y cuándo aceptó, hasta que diga basta.',
        'form' => 'Lo que nos escribe se guarda con nuestras respuestas, para saber lo que se dijo.',
        'rights' => 'Puede preguntar qué guardamos, hacer que se corrija, se le entregue o se borre, y quejarse a la autoridad que '
            .'vela por ello donde usted vive.',
    ],
    'terms' => [
        'who' => 'Usted compra a {trader}, {street}, {postcode} {town}, {country}.',
        'contract' => 'La venta queda cerrada cuando su pago se ha completado. Hasta entonces no se cobra nada.',
        'prices' => 'Los precios incluyen el IVA. Lo que ve antes de pagar es todo lo que paga.',
        'prices_on_top' => 'Los precios son sin IVA; se suma antes de pagar.',
        'gone' => 'Si algo resulta estar agotado, no se le cobra.',
        'others' => 'Cómo le llegan las cosas está en Envío; cómo vuelven, en Devoluciones.',
        'law' => 'Vale la ley de: {country}.',
        'law_of_yours' => 'Vale la ley de: {country}; donde la ley de su propio país le proteja más, esta se mantiene.',
    ],
    'legal' => [
        'who' => 'De {shop} responde {trader}.',
        'address' => '{street}, {postcode} {town}, {country}',
        'email' => 'Escriba a {email}.',
        'phone' => 'Llame al {phone}.',
        'register' => 'Inscrito como {register}.',
        'tax' => 'Número de IVA {number}.',
    ],
];
