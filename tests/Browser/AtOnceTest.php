<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use GuzzleHttp\Client;
use GuzzleHttp\Promise\Utils;
use Psr\Http\Message\ResponseInterface;
use WindowStall\Tests\Browser\Support\Page;

/** Many requests at the same moment, at the running program: money is taken once and the supplier gets one order. */
final class AtOnceTest extends BrowserTestCase
{
    public function test_eight_returns_at_once_from_one_payment_make_one_order(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->take($desk, 'jute grow bag', 'OD-1051');
        $desk->write('Title', 'Jute sack')->key(Page::ENTER)->waitFor('h1', 'Jute sack');
        $this->readyAsItIs($desk);
        $desk->press('Put in the window')->see('It is in the window.');

        $phone = $this->phone();
        $phone
            ->open(self::url($handle.'.shops.localhost', '/goods/jute-sack'))
            ->press('Put in basket')
            ->press('Go to checkout');
        foreach (
            [
                'email' => 'ines@fennimore.example',
                'name' => 'Ines Fennimore',
                'street' => '4 Pound Row',
                'town' => 'Aldermere',
                'postcode' => 'AL4 7QT',
            ] as $field => $typed
        ) {
            $phone->css('#'.$field)->sendKeys($typed);
        }
        $phone->click('[data-pay]');
        $payment = (string) strtok((string) $phone->css('.pay-frame')->getAttribute('src'), '?');
        $phone->within('.pay-frame')->see('approves at once');
        $back = (string) $phone->css('main a')->getAttribute('href');
        $phone->whole();

        $client = new Client(['allow_redirects' => false, 'http_errors' => false, 'timeout' => 30]);
        $pay = Utils::unwrap(
            array_map(
                static fn (): \GuzzleHttp\Promise\PromiseInterface => $client->postAsync($payment, [
                    'form_params' => ['card' => 'approves'],
                ]),
                range(1, 4),
            ),
        );
        $returns = Utils::unwrap(
            array_map(static fn (): \GuzzleHttp\Promise\PromiseInterface => $client->getAsync($back), range(1, 8)),
        );
        foreach ([...$pay, ...$returns] as $answer) {
            self::assertInstanceOf(ResponseInterface::class, $answer);
            self::assertContains($answer->getStatusCode(), [302, 303]);
        }

        $phone->open($back)->see('Thank you, Ines Fennimore');
        $id = basename((string) parse_url($payment, PHP_URL_PATH));
        $books = $this->desk()->open(self::url('payment.standins.localhost'))->see($id);
        self::assertMatchesRegularExpression('/'.$id.'.+captured\s+1×/', $books->text());

        $desk->open(self::workshop('/at/'.$handle.'/counter'))->press('1001');
        $desk->until(fn (): bool => $desk->has('[data-state="sent"]'), 'for the order to be sent');
        self::assertCount(1, $desk->all('[data-supplier]'));
        $supplier = $this->desk()->open(self::url('oakum.standins.localhost'));
        self::assertSame(1, substr_count($supplier->text(), 'OD-1051 NAT-09'), 'Oakum has one such order');
    }
}
