<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<link rel="icon" href="data:,"><title>{{ $title }}</title>
<style>
:root{--ink:#22262b;--mute:#5d656e;--line:#d9dde1;--sheet:#fff;--ground:#f1f3f4;--do:#24507a}
*{box-sizing:border-box}
body{margin:0;background:var(--ground);color:var(--ink);font:15px/1.5 "DejaVu Sans",Verdana,sans-serif;
  font-variant-numeric:tabular-nums}
header{background:#2b3540;color:#eef1f3;padding:12px 24px;display:flex;gap:18px;align-items:baseline;flex-wrap:wrap}
header a{color:#cfe0ef}header small{color:#b9c3cc}
main{max-width:1080px;margin:0 auto;padding:20px 24px 60px}h1{font-size:19px;margin:0}
h2{font-size:17px;margin:28px 0 8px}
section,.card{background:var(--sheet);border:1px solid var(--line);border-radius:6px;padding:14px 16px;margin:10px 0}
table{width:100%;border-collapse:collapse}th{text-align:left;font-weight:400;color:var(--mute);font-size:13px}
td,th{padding:5px 8px 5px 0;border-top:1px solid var(--line);vertical-align:middle}
.n{text-align:right}.q{color:var(--mute)}.row{display:flex;gap:8px;flex-wrap:wrap;align-items:center}
button{font:inherit;font-size:14px;border:1px solid #b5bec7;background:#fff;border-radius:4px;padding:4px 10px;
  cursor:pointer}
button.do{background:var(--do);border-color:var(--do);color:#fff}
button:focus-visible,input:focus-visible,a:focus-visible{outline:3px solid #f0a63a;outline-offset:1px}
input[type=text],input[type=search]{font:inherit;font-size:14px;border:1px solid #8f99a3;border-radius:4px;
  padding:4px 8px;background:#fff}
.say{background:#e6f0e4;border:1px solid #9cbf97;padding:8px 14px;border-radius:6px}form{display:inline}
label{display:block;padding:6px 0}a{color:var(--do)}
</style>
</head>
<body>
@hasSection('alone')<h1 style="position:absolute;clip-path:inset(50%)">{{ $title }}</h1>@else<header><h1>{{ $title }}</h1><small>{{ $about }}</small></header>
@endif
<main>@yield('main')</main>
</body>
</html>
