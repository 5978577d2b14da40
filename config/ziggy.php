<?php

declare(strict_types=1);

return ['except' => ['oakum.*', 'payment.*', 'standins.*', 'shop.*', 'storage.*', 'hooks.*']];
