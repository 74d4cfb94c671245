# frozen_string_literal: true

module DeckBough
  # What there is to do on a wall of wreaths: the tasks of each look, as often as it hangs.
  #
  #   WallWork.of(reckoning).minutes
  module WallWork
    module_function

    # @return [Work]
    def of(reckoning)
      work = Work.new(reckoning.house, high: high(reckoning), units: reckoning.units)
      tasks = reckoning.looks.flat_map { |look| WreathWork.of(look.reckoning).tasks.map { |task| [task, look.count] } }
      tasks.group_by { |task, _| [task.step, task.title, task.house_rule] }.each do |(step, title, rule), those|
        count = those.sum { |task, times| task.count * times }
        step == "hang" ? work.add(step, title, count, rule) : work.add(step, title, count, rule, high: 0)
      end
      work
    end

    # Share of them that hang above the ladder line.
    def high(reckoning)
      return 0 if reckoning.rings.empty?

      reckoning.rings.count { |ring| ring.hook_m > reckoning.house["tree.ladder"] } / reckoning.rings.size.to_f
    end
    private_class_method :high
  end
end
