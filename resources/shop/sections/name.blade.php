<h1>{{ $good->title }}</h1>
@if ($settings['line'] === 'first' && $good->line() !== '')<p class="gist">{{ $good->line() }}</p>@endif
