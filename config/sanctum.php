<?php

declare(strict_types=1);

// Only tokens: the workshop itself signs in by session, and needs none of Sanctum's routes.
return ['stateful' => [], 'guard' => [], 'expiration' => null, 'routes' => false, 'token_prefix' => 'stall_'];
