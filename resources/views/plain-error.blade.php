<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $sentence }}</title>
<style>body{margin:0;min-height:100vh;display:grid;place-items:center;background:#f8f3e8;color:#25211b;
  font:17px/1.5 system-ui,sans-serif}main{max-width:460px;padding:24px}h1{font-size:24px;line-height:1.2;
  margin:0 0 12px}a{color:#2c5a43}p{color:#6d6456;margin:0}</style></head>
<body>
<main>
<h1>{{ $sentence }}</h1>
<p><a href="/">{{ $shop ? 'To the shop’s front page' : 'To the start' }}</a> · {{ $status }}</p>
</main>
</body>
</html>
