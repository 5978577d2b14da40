<?php

declare(strict_types=1);

return [
    'ssr' => ['enabled' => false],
    'history' => ['encrypt' => false],
    // Its recorder keeps every page's data and hands it out: never here, whatever the environment is called.
    'devtools' => ['enabled' => false],
    'testing' => ['ensure_pages_exist' => false],
];
