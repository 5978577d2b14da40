<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use Symfony\Component\BrowserKit\AbstractBrowser;
use Symfony\Component\BrowserKit\Cookie;
use Symfony\Component\BrowserKit\Request;
use Symfony\Component\BrowserKit\Response;
use WindowStall\Shop\RehearsalPass;
use WindowStall\Stall\Stall;

/**
 * What a shopper of a rehearsal looks at the shop with: pages, links, forms and cookies, without scripts.
 *
 * @extends AbstractBrowser<Request, Response>
 */
final class ShopBrowser extends AbstractBrowser
{
    public function __construct(private readonly Stall $stall, private readonly ReachesShop $way)
    {
        $address = parse_url($stall->shopAddress());
        parent::__construct([
            'HTTP_HOST' => ($address['host'] ?? '').(isset($address['port']) ? ':'.$address['port'] : ''),
            'HTTPS' => ($address['scheme'] ?? '') === 'https',
        ]);
        $this->getCookieJar()->set(new Cookie(RehearsalPass::NAME, RehearsalPass::of($stall), path: '/', domain: $address['host'] ?? ''));
        // The payment service's pages aren't the shop's.
        $this->followRedirects(false);
    }

    protected function doRequest(object $request): Response
    {
        return $this->way->ask($this->stall, $request);
    }

    public function status(): int
    {
        return $this->getInternalResponse()->getStatusCode();
    }
}
