<?php

declare(strict_types=1);

return [
    'years' => '{count, plural, one {# Jahr} other {# Jahre}}',
    'blanks' => [
        'trader' => 'wer den Laden führt',
        'street' => 'Straße',
        'town' => 'Ort',
        'postcode' => 'Postleitzahl',
        'email' => 'wohin Käufer schreiben',
        'return_days' => 'Tage für die Rückgabe',
        'return_by' => 'wer die Rücksendung zahlt',
        'keep_years' => 'wie lange Bestellungen aufbewahrt werden',
    ],
    'delivery' => [
        'where' => 'Wir liefern nach: {places}.',
        'depends' => 'Was der Versand kostet, hängt davon ab, was Sie kaufen. Der Korb sagt es, bevor Sie zahlen.',
        'free' => 'Der Versand ist frei.',
        'flat' => 'Der Versand kostet {charge} je Bestellung, egal wie viel Sie kaufen.',
        'free_over' => 'Der Versand kostet {charge} je Bestellung und ab {over} nichts.',
        'days' => 'Eine Bestellung ist in {days} bei Ihnen. Auf jeder Seite steht, wie lange ihre Ware braucht.',
        'from' => 'Die Ware wird von dort geschickt, wo sie liegt: {places}. Was an verschiedenen Orten liegt, kommt in eigenen '
            .'Paketen.',
        'printed' => 'Bedruckte Ware wird hergestellt, wenn Sie sie bestellen; das ist Teil der Zeit, die auf jeder Seite steht.',
        'late' => 'Wenn etwas nach {days, plural, one {# Werktag} other {# Werktagen}} nicht da ist, schreiben Sie an {email}: Wir '
            .'schicken es noch einmal oder geben Ihr Geld zurück.',
    ],
    'returns' => [
        'period' => 'Zurückgeben können Sie bis {return_days} nach Erhalt, ohne zu sagen, warum.',
        'how' => 'Schreiben Sie zuerst an {email}, und wir sagen Ihnen, wohin es geht.',
        'pays' => '{return_by}',
        'by' => [
            'shopper' => 'Die Rücksendung zahlen Sie, außer wenn es beschädigt oder falsch ist.',
            'stall' => 'Die Rücksendung zahlen wir.',
        ],
        'refund' => 'Wir erstatten, was Sie dafür bezahlt haben, binnen {days} Tagen, nachdem wir es wiederhaben, bei einer ganzen '
            .'Bestellung samt dem einfachen Versand an Sie.',
        'faulty' => 'Was beschädigt oder falsch ankommt, bringen wir in Ordnung: Wir schicken anderes oder geben Ihr Geld zurück, '
            .'und Sie zahlen kein Porto.',
        'law' => 'All das steht neben den Rechten, die Ihnen das Gesetz gibt.',
    ],
    'privacy' => [
        'who' => 'Für das, was über Sie aufbewahrt wird, steht ein: {trader}, {street}, {postcode} {town}, {country}. Schreiben Sie '
            .'an {email}.',
        'orders' => 'Um Ihre Bestellung zu schicken, bewahren wir Name, Adresse, E-Mail und was Sie gekauft haben auf: {keep_years}, '
            .'wie es das Finanzamt von uns verlangt.',
        'orders_and_phone' => 'Um Ihre Bestellung zu schicken, bewahren wir Name, Adresse, E-Mail, die Telefonnummer, wo wir sie erfragen, und was Sie '
            .'gekauft haben auf: {keep_years}, wie es das Finanzamt von uns verlangt.',
        'suppliers' => 'Name und Adresse gehen an den, der Ihr Paket schickt ({places}), und an den Zusteller, zu nichts anderem.',
        'payment' => 'Sie zahlen auf der Seite eines Zahlungsdienstes; Ihre Karte sehen wir nie.',
        'cookies' => 'Ein Cookie merkt sich Ihren Korb. Niemand läuft Ihnen hier nach, darum gibt es nichts, dem Sie zustimmen '
            .'müssten.',
        'cookies_and_language' => 'Ein Cookie merkt sich Ihren Korb, ein anderer die Sprache, die Sie lesen. Niemand läuft Ihnen hier nach, darum gibt es '
            .'nichts, dem Sie zustimmen müssten.',
        'cookies_alone' => 'Ein Cookie merkt sich Ihren Korb.',
        'cookies_and_language_alone' => 'Ein Cookie merkt sich Ihren Korb, ein anderer die Sprache, die Sie lesen.',
        'scripts' => 'Neben unseren Seiten können Skripte anderer laufen: {names}. Wo das Recht es verlangt, nur, wenn Sie zustimmen; das '
            .'merkt sich ein Cookie ein halbes Jahr lang. Sie sehen, auf welcher Seite Sie sind, und nichts, was Sie tippen. Auf '
            .'der Seite „Was hier sonst läuft“ können Sie es jederzeit ändern.',
        'grown_up' => 'Manche Waren sind nur für Erwachsene. Ein Cookie merkt sich, dass Sie das gesagt haben; davon erfahren nur wir, mit einer Bestellung.',
        'halves' => 'Von manchen Seiten gibt es gerade zwei Fassungen. Ein Cookie merkt sich, welche Sie sehen, nach Münzwurf; eine Bestellung sagt, '
            .'welche es war, sonst wird nichts behalten.',
        'letters' => 'Wenn Sie unsere Briefe bestellen, bewahren wir Ihre E-Mail und wann Sie zugestimmt haben, bis Sie Halt sagen.',
        'form' => 'Was Sie uns schreiben, wird mit unseren Antworten aufbewahrt, damit wir wissen, was gesagt wurde.',
        'rights' => 'Sie können fragen, was wir aufbewahren, es berichtigen, sich geben oder löschen lassen und sich bei der Behörde '
            .'beschweren, die dort darüber wacht, wo Sie leben.',
    ],
    'terms' => [
        'who' => 'Sie kaufen bei {trader}, {street}, {postcode} {town}, {country}.',
        'contract' => 'Ein Kauf gilt, wenn Ihre Zahlung durch ist. Bis dahin wird nichts abgebucht.',
        'prices' => 'Die Preise enthalten die MwSt. Was Sie vor dem Zahlen sehen, ist alles, was Sie zahlen.',
        'prices_on_top' => 'Die Preise sind ohne MwSt.; sie kommt vor dem Zahlen dazu.',
        'gone' => 'Wenn sich etwas als ausverkauft erweist, wird es Ihnen nicht abgebucht.',
        'others' => 'Wie die Dinge zu Ihnen kommen, steht unter Versand; wie sie zurückgehen, unter Rückgabe.',
        'law' => 'Es gilt das Recht von: {country}.',
        'law_of_yours' => 'Es gilt das Recht von: {country}; wo das Recht Ihres eigenen Landes Sie weiter schützt, bleibt es dabei.',
    ],
    'legal' => [
        'who' => '{shop} wird geführt von {trader}.',
        'address' => '{street}, {postcode} {town}, {country}',
        'email' => 'Schreiben Sie an {email}.',
        'phone' => 'Telefon {phone}.',
        'register' => 'Eingetragen als {register}.',
        'tax' => 'USt-IdNr. {number}.',
    ],
];
