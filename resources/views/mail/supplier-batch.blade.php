{!! $orders === 1 ? 'One order' : $orders.' orders' !!} of {!! $day !!}, from {!! $stall !!}, in the table that lies in this mail.

Please answer with a table of the columns order, article, pieces, answer, carrier, tracking. The answer is one of: taken, posted, short.
