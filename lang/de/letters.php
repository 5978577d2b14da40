<?php

declare(strict_types=1);

return [
    'hello' => 'Guten Tag {name},',
    'answer' => ['subject' => '{shop} antwortet Ihnen'],
    'left' => [
        'subject' => 'Ihr Korb bei {shop}',
        'kept' => 'Er liegt hier bereit: {link}',
        'why' => 'Sie haben an der Kasse gesagt, dass wir Ihnen schreiben dürfen. An diesen Korb erinnern wir Sie einmal. Wenn Sie '
            .'keine Post mehr von uns wollen: {stop}',
    ],
    'order_page' => 'Bestellung {number}: wo sie ist',
    'why' => 'Sie erhalten diese E-Mail, weil Sie bei uns gekauft haben: Bestellung {number}.',
    'thanks' => [
        'subject' => 'Bestellung {number} bei {shop}: danke',
        'heading' => 'Danke, {name}',
        'words' => 'Sie ist bezahlt, {total}, und geht an den, der sie packt.',
    ],
    'posted' => [
        'subject' => 'Bestellung {number} bei {shop} ist unterwegs',
        'heading' => 'Sie ist unterwegs, {name}',
        'words' => 'Ein Paket Ihrer Bestellung wurde abgeschickt.',
        'tracking' => 'Es kommt mit {carrier}, Nummer {number}.',
    ],
    'refunded' => [
        'subject' => 'Bestellung {number} bei {shop}: Ihr Geld ist zurück',
        'heading' => 'Ihr Geld ist zurück, {name}',
        'words' => '{total} gingen zurück, wie sie gekommen sind.',
    ],
    'late' => [
        'subject' => 'Bestellung {number} bei {shop} dauert länger',
        'heading' => 'Es dauert länger, {name}',
        'words' => 'Ein Paket Ihrer Bestellung ist am genannten Tag noch nicht da oder wird es nicht sein. Das tut '
            .'uns leid; wir gehen dem nach.',
        'by' => 'Pakete, die ebenso unterwegs waren, waren meist bis {day} da.',
    ],
    'there' => [
        'subject' => 'Bestellung {number} bei {shop} ist da',
        'heading' => 'Es ist da, {name}',
        'words' => 'Der Paketdienst sagt, dass ein Paket Ihrer Bestellung angekommen ist. Stimmt etwas nicht '
            .'damit? Antworten Sie auf diesen Brief.',
    ],
    'said' => [
        'subject' => 'Was sagen Sie zu Bestellung {number} von {shop}?',
        'heading' => 'Wie ist es, {name}?',
        'words' => 'Sie haben es nun eine Weile. Andere wüssten gern: Ist es, wie Sie dachten?',
        'leads' => 'Sagen Sie, was Sie denken',
    ],
    'asked' => [
        'subject' => 'Ihre Frage zu {goods}',
        'you' => 'Sie haben gefragt:',
        'answer' => '{shop} antwortet:',
        'why' => 'Ihre Adresse wird nicht länger aufbewahrt.',
    ],
    'code' => [
        'subject' => 'Ihr Code bei {shop}',
        'words' => 'Ihr Code ist {code}. Geben Sie ihn im Warenkorb ein; er gilt ein einziges Mal.',
        'stop' => 'Keine Post mehr:',
    ],
    'opened' => ['subject' => '{shop} ist geöffnet', 'words' => '{shop} ist jetzt geöffnet. Sie wollten Bescheid wissen.'],
    'back' => ['subject' => '{goods} ist wieder da', 'words' => '{goods} gibt es wieder.', 'why' => 'Sie wollten einmal Bescheid wissen. Ihre Adresse wird nicht länger aufbewahrt.'],
    'returned' => [
        'subject' => 'Bestellung {number} bei {shop}: Ihre Rücksendung',
        'heading' => 'Zu Ihrer Rücksendung, {name}',
    ],
];
