@extends('standins::layout', ['title' => 'Kilnfold',
    'about' => 'pottery and glasshouse goods · you are the maker here'])
@section('main')
<section id="orders"><h2 style="margin-top:0">Orders that came by mail</h2>
@if ($mails === [])<p class="q">None yet. They come to {{ WindowStall\Standins\Kilnfold\Orders::ADDRESS }}, a table a day.</p>@endif
@foreach (array_slice($mails, 0, 8) as $mail)
<form method="post" action="{{ route('kilnfold.play.mail', $mail['id']) }}" class="row"><b>{{ $mail['subject'] }}</b>
<button type="submit" name="do" value="take">Take all</button> <button type="submit" class="do" name="do" value="post">Post all</button>
<button type="submit" name="do" value="short">Be short of the first, post the rest</button></form>
<table><tbody>@foreach ($mail['rows'] as $row)<tr><td>{{ $row['order'] ?? '' }}<td>{{ $row['article'] ?? '' }}<td class="n">{{ $row['pieces'] ?? ''
    }}<td>{{ $row['name'] ?? '' }}, {{ $row['town'] ?? '' }}</tr>@endforeach</tbody></table>
@endforeach
</section>
<section>
<h2 style="margin-top:0">The list of goods</h2>
<p>As a table: <a href="{{ route('kilnfold.csv') }}">{{ route('kilnfold.csv') }}</a><br>As XML: <a
    href="{{ route('kilnfold.xml') }}">{{ route('kilnfold.xml') }}</a></p>
<form method="post" action="{{ route('kilnfold.play.rename') }}" class="row">
<button type="submit" class="do" id="rename">{{ $renamed ? 'Call the columns by their old names' : 'Call some columns by new names' }}</button> <span
    class="q">now: {{ $renamed ? 'Article no, Department, Net price, Available'
        : 'Article, Section, Trade price, Free stock' }}</span></form>
<form method="post" action="{{ route('kilnfold.play.cut') }}" class="row">
<button type="submit" id="cut">{{ $cut ? 'Write the whole list again' : 'Let the list break off in the middle' }}</button></form>
</section>
<section>
<h2 style="margin-top:0">What a parcel costs</h2>
<p class="q">Country; up to this weight; pounds; working days. <a href="{{ route('kilnfold.delivery') }}">As
    text</a></p>
<pre id="tariff" style="columns:3;font-size:13px;margin:0">{{ $tariff }}</pre></section>
<section><h2 style="margin-top:0">Stock book</h2>
<table><thead><tr><th scope="col">Article<th scope="col">Name<th scope="col" class="n">Trade price<th scope="col" class="n">Stock<td></td></tr></thead><tbody>
@foreach ($articles as $a)
<tr id="{{ $a->sku }}">
<td>{{ $a->sku }}
<td>{{ $a->name }} <span class="q">{{ trim($a->glaze.' '.$a->size) }}</span>
<td class="n">{{ number_format($a->price / 100, 2) }}
<td class="n">{{ $a->stock }}
<td class="n">
<form method="post" action="{{ route('kilnfold.play.article', $a->sku) }}">
<input type="text" size="6" name="price" value="{{ number_format($a->price / 100, 2, '.', '') }}"
    aria-label="New price of {{ $a->sku }}"> <button type="submit" name="do" value="price">Set price</button> <button type="submit" name="do"
    value="sell-out">Sell out</button> <button type="submit" name="do" value="refill">Refill</button></form>
</tr>
@endforeach
</tbody></table></section>
@endsection
