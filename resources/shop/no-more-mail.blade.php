@extends('shop::layout')
@push('head')
<meta name="robots" content="noindex">
@endpush
@section('main')
<div class="narrow">
<h1>No more mail</h1>
@if ($done === true)<p role="status">We won’t write to you about new things any more. News of what you order still comes.</p>
@elseif ($done === false)<p class="trouble" role="alert">This address of the page isn’t whole. Open it again from the mail.</p>
@else<p>Press the button, and we won’t write to {{ $to }} about new things any more.</p>
<form method="post" action="/no-more-mail"><input type="hidden" name="to" value="{{ $to }}"><input type="hidden" name="by"
    value="{{ $by }}"><button type="submit" class="button">No more mail, please</button></form>@endif
</div>
@endsection
