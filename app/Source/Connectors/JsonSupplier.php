<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Sleep;
use WindowStall\Support\Outbound\Outside;
use WindowStall\Support\Outbound\TooLarge;
use WindowStall\Support\Outbound\Unreachable;
use WindowStall\Support\Refusal;

/**
 * Asks a supplier that speaks JSON; whatever isn't a usable answer becomes trouble in words. Waits when told that it
 * asks too often.
 */
final readonly class JsonSupplier
{
    /** @param  int  $seconds  for one answer */
    public function __construct(public string $name, public int $seconds)
    {
    }

    /**
     * @param  'get'|'post'|'put'  $verb
     * @param  array<string, mixed>  $data
     * @param  array<string, string>  $headers
     * @return array<mixed>
     *
     * @throws SupplierTrouble
     */
    public function ask(Access $access, string $verb, string $path, array $data = [], array $headers = []): array
    {
        for ($waited = 0, $try = 0; ; $try++) {
            $response = $this->once($access, $verb, $path, $data, $headers);
            $again = $response->status() === 429 || ($response->serverError() && $verb === 'get');
            if (! $again || $waited >= $access->patience) {
                break;
            }
            // What the supplier asks for, else twice as long each time, with jitter so that many pulls don't all come
            // back at once.
            $wait = max(1, min((int) $response->header('Retry-After') ?: 2 ** $try, 30, $access->patience - $waited));
            Sleep::for($wait * 1000 + random_int(0, 250))->milliseconds();
            $waited += $wait;
        }

        return $this->answer($response);
    }

    /**
     * Sends a file as it is.
     *
     * @return array<mixed>
     *
     * @throws SupplierTrouble
     */
    public function put(Access $access, string $path, string $bytes): array
    {
        return $this->answer($this->once($access, 'put', $path, $bytes, []));
    }

    /** @return array<mixed> */
    private function answer(Response $response): array
    {
        $reason = $response->json('error');
        if (! $response->successful()) {
            throw match (true) {
                in_array($response->status(), [401, 403], true) => SupplierTrouble::key($this->name),
                in_array($response->status(), [404, 409, 422], true) && is_string($reason) => SupplierTrouble::refused(
                    $this->name,
                    $reason,
                    is_string($response->json('kind')) ? $response->json('kind') : '',
                ),
                $response->status() === 429 => SupplierTrouble::busy($this->name),
                $response->serverError() => SupplierTrouble::broken($this->name, $response->status()),
                default => SupplierTrouble::strange($this->name),
            };
        }
        $said = $response->json();

        return is_array($said) ? $said : throw SupplierTrouble::strange($this->name);
    }

    private function secondsFor(Access $access): int
    {
        return min($this->seconds, $access->seconds ?? $this->seconds);
    }

    /**
     * @param  'get'|'post'|'put'  $verb
     * @param  array<string, mixed>|string  $data  fields, or a file
     * @param  array<string, string>  $headers
     */
    private function once(Access $access, string $verb, string $path, array|string $data, array $headers): Response
    {
        try {
            $asking = Outside::at($access->address, $this->secondsFor($access))
                ->withToken($access->key)
                ->acceptJson()
                ->withHeaders($headers);
            /** @var Response $response */
            $response = is_string($data)
                ? $asking->withBody($data, 'application/octet-stream')->{$verb}($path)
                : $asking->{$verb}($path, $data);

            return $response;
        } catch (TooLarge) {
            throw SupplierTrouble::strange($this->name);
        } catch (Refusal $refusal) {
            throw SupplierTrouble::said($refusal->getMessage());
        } catch (Unreachable) {
            throw SupplierTrouble::dead($this->name, (string) parse_url($access->address, PHP_URL_HOST));
        } catch (ConnectionException $e) {
            throw str_contains($e->getMessage(), 'timed out') || str_contains($e->getMessage(), 'cURL error 28')
                ? SupplierTrouble::slow($this->name, $this->secondsFor($access))
                : SupplierTrouble::dead($this->name, (string) parse_url($access->address, PHP_URL_HOST));
        }
    }
}
