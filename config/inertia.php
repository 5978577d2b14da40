<?php

declare(strict_types=1);

return [
    'ssr' => ['enabled' => false],
    'history' => ['encrypt' => false],
    'testing' => ['ensure_pages_exist' => false],
];
