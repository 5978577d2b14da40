<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="robots" content="noindex">
<title data-inertia="">Window Stall</title>
<link rel="icon" href="/favicon.svg" type="image/svg+xml">
<script src="/routes.js"></script>
@vite('resources/js/app.tsx')
@inertiaHead
</head>
<body>@inertia</body>
</html>
