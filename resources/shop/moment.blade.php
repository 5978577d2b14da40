@extends('shop::layout')
@push('head')
<meta name="robots" content="noindex">
<meta http-equiv="refresh" content="1;url={{ $again }}">
@endpush
@section('main')
<div class="narrow">
<h1>One moment</h1>
<p role="status">The payment page takes longer to open than usual. You are taken there by itself; nothing has been
    charged, and your basket is kept.</p>
<p><a class="button" href="{{ $again }}">Look again</a></p>
</div>
@endsection
