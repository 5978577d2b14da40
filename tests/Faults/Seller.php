<?php

declare(strict_types=1);

namespace WindowStall\Tests\Faults;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Exception\ConnectException;
use GuzzleHttp\Promise\PromiseInterface;
use Psr\Http\Message\ResponseInterface;

/** A person who works at the running program. */
final readonly class Seller
{
    public function __construct(private Client $client, private string $workshop, string $email, string $password)
    {
        $client->get($workshop.'/sign-in', ['headers' => ['Accept' => 'text/html']]);
        $answer = $this->post('/sign-in', ['email' => $email, 'password' => $password]);
        if ($answer->getStatusCode() !== 302) {
            throw new \RuntimeException(
                'The seller could not sign in: '.$answer->getStatusCode().' '.$answer->getBody(),
            );
        }
    }

    public function get(string $path): ResponseInterface
    {
        return $this->client->get($this->workshop.$path);
    }

    /** @param  array<string, mixed>  $json */
    public function post(string $path, array $json): ResponseInterface
    {
        return $this->client->post($this->workshop.$path, ['json' => $json, 'headers' => $this->token()]);
    }

    /** Posts and doesn't wait for the answer. */
    public function postAndLeave(string $path): void
    {
        try {
            $this->client->post($this->workshop.$path, ['json' => [], 'headers' => $this->token(), 'timeout' => 1]);
        } catch (ConnectException) {
            // That is what was meant.
        }
    }

    /** @param  array<string, mixed>  $json */
    public function postAsync(string $path, array $json): PromiseInterface
    {
        return $this->client->postAsync($this->workshop.$path, ['json' => $json, 'headers' => $this->token()]);
    }

    /** @param  array<string, mixed>  $json */
    public function patchAsync(string $path, array $json): PromiseInterface
    {
        return $this->client->patchAsync($this->workshop.$path, ['json' => $json, 'headers' => $this->token()]);
    }

    public function upload(string $path, string $field, string $name, string $bytes): ResponseInterface
    {
        return $this->client->post($this->workshop.$path, [
            'multipart' => [['name' => $field, 'filename' => $name, 'contents' => $bytes]],
            'headers' => $this->token(),
        ]);
    }

    /** @return array<string, string> */
    private function token(): array
    {
        $jar = $this->client->getConfig('cookies');

        return [
            'X-XSRF-TOKEN' => $jar instanceof CookieJar
                    ? rawurldecode((string) $jar->getCookieByName('XSRF-TOKEN')?->getValue())
                    : '',
        ];
    }
}
