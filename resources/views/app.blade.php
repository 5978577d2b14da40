<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="robots" content="noindex">
@routes
@viteReactRefresh
@vite('resources/js/app.tsx')
@inertiaHead
</head>
<body>@inertia</body>
</html>
